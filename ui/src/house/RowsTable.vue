<script setup lang="ts" generic="Row">
import Table from 'ant-design-vue/es/table'
import { computed } from 'vue'
import type { RowsColumn } from './rowsTable'

/**
 * Rows of one kind, a column for each thing that is compared. A cell holds what its column says of the row, or what
 * the slot of the column's name draws.
 */
const props = defineProps<{
  rows: readonly Row[]
  columns: readonly RowsColumn<Row>[]
  rowClass?: (row: Row) => string
  /** Without a head: the rows name themselves. */
  bare?: boolean
}>()
defineSlots<Record<string, (cell: { row: Row; at: number }) => unknown>>()

const laid = computed(() =>
  props.columns.map(({ key, title = '', number, width }) => ({
    key,
    title,
    width,
    className: number ? 'number' : undefined,
  })),
)
const placed = computed(() => props.rows.map((row, at) => ({ key: at, row, at })))
const sayingOf = (key: unknown) => props.columns.find((c) => c.key === key)?.says
</script>

<template>
  <Table
    :columns="laid"
    :data-source="placed"
    :pagination="false"
    :show-header="!bare"
    :row-class-name="({ row }) => rowClass?.(row) ?? ''"
    size="small"
  >
    <template #bodyCell="{ column, record }">
      <slot :name="String(column.key)" :row="record.row as Row" :at="record.at as number">{{
        sayingOf(column.key)?.(record.row as Row)
      }}</slot>
    </template>
  </Table>
</template>
