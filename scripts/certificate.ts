import { ownNames } from '../server/access/ownNames'
import { databaseSettings } from '../server/database/client'
import { makeCertificate } from '../server/running/certificate'

// Makes a certificate, so that everything between tablets and this machine is encrypted: `npm run certificate`, then start again.
const names = [...ownNames()].filter((name) => !name.startsWith('fe80'))
const file = await makeCertificate(databaseSettings().folder, names)
console.log(`A certificate for ${names.join(', ')} is made: ${file}

Start Jolly Beaker again; from now on its address begins with https://.
Each device has to trust the certificate once. Bring it the file ${file} (never key.pem), then:
- Windows: open it, choose "Install certificate", "Local machine", "Trusted root certification authorities".
- macOS: open it in Keychain Access and set "When using this certificate" to "Always trust".
- iPad and iPhone: open it, install the profile under Settings, then turn it on under General, About, Certificate trust settings.
- Android: Settings, Security, Encryption and credentials, Install a certificate, CA certificate.
- Chromebooks: an admin adds it to the school's devices.`)
