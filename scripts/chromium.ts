import { existsSync } from 'node:fs'
import { aptInstall } from './aptInstall'

/** Where Debian's package puts the browser that tests and pictures are made with. */
export const chromiumPath = '/usr/bin/chromium'

/**
 * Parts of the browser that pages do not need. The first two are pages of its own behind the address line, which each new window
 * loads: they took a third of the tests' time. A second list replaces the first, so the others are those Playwright switches off.
 */
const withoutFeatures = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
]

/** Switches for a browser without a monitor that asks nothing of any network. */
export const chromiumArguments = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  `--disable-features=${withoutFeatures.join()}`,
]

/** Installs Debian's Chromium when it is missing and this user may; says what to do when not. */
export function ensureChromium(): void {
  if (existsSync(chromiumPath)) return
  console.log('Installing Debian’s chromium for the browser tests.')
  if (!aptInstall('chromium') || !existsSync(chromiumPath))
    throw new Error(
      'The browser tests need Debian’s chromium. Install it as root: apt-get update && apt-get install chromium',
    )
}
