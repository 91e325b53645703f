import type { LaunchOptions } from '@playwright/test'

/** What Playwright turns off. A list of one's own replaces it, so it is said again. */
const asByPlaywright = [
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'TcpPortRandomizationWin',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
  'msForceBrowserSignIn',
  'msEdgeUpdateLaunchServicesPreferredVersion',
]

/** With every window the browser makes pages of its own for what drops down from its address bar: they take longer than ours. */
const ofTheAddressBar = ['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup']

/** Debian's Chromium, without these of its features either. */
export const chromiumWithout = (...features: string[]) =>
  ({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--autoplay-policy=no-user-gesture-required',
      `--disable-features=${[...asByPlaywright, ...ofTheAddressBar, ...features].join(',')}`,
    ],
  }) satisfies LaunchOptions

/** As measurements and pictures start it. */
export const debianChromium = chromiumWithout()
