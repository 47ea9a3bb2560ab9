import { getRequestHeader, type H3Event } from 'h3'
import { lastOf } from '#core/defined'

/** Whether an address is this machine's own. */
export const isLoopback = (address: string): boolean =>
  /^(?:::ffff:)?127\.\d+\.\d+\.\d+$/.test(address) || address === '::1'

/** Proxies that are believed beside one on this machine, by their addresses. */
const proxies = (process.env.JOLLY_PROXY ?? '').split(/[\s,]+/).filter(Boolean)
const isProxy = (peer: string) => isLoopback(peer) || proxies.includes(peer.replace(/^::ffff:/, ''))

/** Where a request came from; behind a proxy, what that proxy says. Of IPv6 the network, which a household shares. */
export function addressOf(event: H3Event): string {
  const peer = event.node.req.socket.remoteAddress ?? ''
  const forwarded = getRequestHeader(event, 'x-forwarded-for')
  const address = forwarded && isProxy(peer) ? lastOf(forwarded.split(',')).trim() : peer
  const plain = address.replace(/^::ffff:/, '').slice(0, 64)
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain
}

/** Whether somebody sits at this machine: the request came from it, to it, and through no proxy. */
export function isLocalRequest(event: H3Event): boolean {
  const host = (getRequestHeader(event, 'host') ?? '').toLowerCase().replace(/:\d+$/, '')
  return (
    isLoopback(event.node.req.socket.remoteAddress ?? '') &&
    ['localhost', '127.0.0.1', '[::1]'].includes(host) &&
    !getRequestHeader(event, 'x-forwarded-for') &&
    !getRequestHeader(event, 'forwarded')
  )
}

/** Whether what is sent is encrypted, as far as this machine or its proxy knows. */
export function isEncrypted(event: H3Event): boolean {
  const { socket } = event.node.req
  if ('encrypted' in socket && socket.encrypted) return true
  return isProxy(socket.remoteAddress ?? '') && getRequestHeader(event, 'x-forwarded-proto') === 'https'
}

/** What kind of device asks, in words for a list. */
export function deviceOf(event: H3Event): string {
  const agent = getRequestHeader(event, 'user-agent') ?? ''
  return /mobi|android|ipad|iphone|tablet/i.test(agent) ? 'tablet or phone' : 'computer'
}
