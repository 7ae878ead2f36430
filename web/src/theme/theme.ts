import { theme as antd, type ThemeConfig } from 'antd'

const COLOURS = {
  light: {
    colorPrimary: '#b24a2b',
    colorLink: '#b24a2b',
    colorError: '#a8232f',
    colorWarning: '#d9912b',
    colorText: '#22313f',
    colorTextSecondary: '#45525e',
    colorTextPlaceholder: '#636d76',
    colorBorder: '#e6ded0',
    colorBgContainer: '#ffffff',
    colorBgElevated: '#ffffff',
    colorBgLayout: '#faf6ee',
  },
  dark: {
    colorPrimary: '#c96a47',
    colorLink: '#e8906c',
    colorError: '#f08a92',
    colorWarning: '#e0a748',
    colorText: '#ece5d8',
    colorTextSecondary: '#c9c3b8',
    colorTextPlaceholder: '#a39d92',
    colorBorder: '#3d3a35',
    colorBgContainer: '#24221f',
    colorBgElevated: '#2b2925',
    colorBgLayout: '#1b1a18',
  },
} as const

/** Ant Design's controls in paper and ink; the same colours as tokens.css. */
export const themeOf = (look: 'light' | 'dark'): ThemeConfig => ({
  algorithm: look === 'dark' ? antd.darkAlgorithm : antd.defaultAlgorithm,
  token: {
    ...COLOURS[look],
    borderRadius: 6,
    fontFamily: "'IBM Plex Sans', system-ui, sans-serif",
    fontSize: 14,
    controlHeight: 30,
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.14s',
    boxShadow: 'none',
    boxShadowSecondary: '0 8px 28px rgb(60 45 30 / 14%)',
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 500 },
  },
})
