import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'

/** The component library in the house's own clothes. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: '#1e2b28',
    colorText: '#1e2b28',
    colorTextSecondary: '#5b6661',
    colorTextPlaceholder: '#6b7570',
    colorBorder: '#ded3bf',
    colorBgLayout: '#fbf8f2',
    colorError: '#a23a20',
    colorLink: '#14666d',
    controlItemBgActive: '#fbf3dc',
    controlItemBgHover: '#f3ede1',
    borderRadius: 8,
    controlHeight: 40,
    fontSize: 15,
    fontFamily: "'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible', system-ui, sans-serif",
    boxShadow: '0 0 0 1px #ded3bf',
    boxShadowSecondary: '0 0 0 1px #ded3bf, 0 6px 18px rgba(30, 43, 40, 0.08)',
    wireframe: false,
  },
}
