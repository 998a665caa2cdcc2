import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'

/** A colour of the house, as tokens.css has it. */
const token = (name: string) =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim()

/** The component library in the house's own clothes. */
export const theme = (): ThemeConfig => ({
  token: {
    colorPrimary: token('act'),
    colorText: token('ink'),
    colorTextSecondary: token('quiet'),
    colorTextPlaceholder: token('placeholder'),
    colorBorder: token('line'),
    colorBgLayout: token('page'),
    colorBgContainer: token('card'),
    colorError: token('grave'),
    colorErrorBg: token('long'),
    colorErrorBorder: token('grave'),
    colorTextDescription: token('quiet'),
    colorFillContent: token('bank'),
    colorLink: token('focus'),
    controlItemBgActive: token('straw-pale'),
    controlItemBgHover: token('bank'),
    borderRadius: 8,
    controlHeight: 40,
    fontSize: 15,
    fontFamily: token('font'),
    boxShadow: `0 0 0 1px ${token('line')}`,
    boxShadowSecondary: `0 0 0 1px ${token('line')}, 0 6px 18px rgba(30, 43, 40, 0.08)`,
    wireframe: false,
  },
})
