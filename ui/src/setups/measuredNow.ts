import type { InjectionKey, ShallowRef } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** The set-up as it is measured at this moment, for what keeps up with the hand where its surroundings rest. */
export const measuredNow: InjectionKey<ShallowRef<MeasuredSetUp | null>> = Symbol('measured now')
