import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { getShopList } from '../../queries/school'

export default defineRoute({ right: 'teacher', handle: () => getShopList(useDatabase()) })
