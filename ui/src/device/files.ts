declare const __DEVICE_AT__: string

/** Where Core for the device lies; empty in a build without it. */
export const deviceAt = __DEVICE_AT__
/** The shelf its files are kept on: those of another build lie on another. */
export const deviceShelf = `device ${deviceAt}`
