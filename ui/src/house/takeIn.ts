/** What a page asks of the worker that keeps its files: to be one of its pages. */
export interface AskOfWorker {
  kind: 'takeIn'
}
