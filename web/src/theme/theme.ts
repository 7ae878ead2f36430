import type { ThemeConfig } from 'antd'

/** Ant Design's controls in paper and ink; the same colours as tokens.css. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: '#b24a2b',
    colorLink: '#b24a2b',
    colorError: '#a8232f',
    colorWarning: '#d9912b',
    colorText: '#22313f',
    colorTextSecondary: '#45525e',
    colorTextPlaceholder: '#636d76',
    colorBorder: '#e6ded0',
    colorBgContainer: '#ffffff',
    colorBgLayout: '#faf6ee',
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
}
