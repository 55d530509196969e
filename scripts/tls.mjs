// TLS before the application: HOST and PORT by the certificate AMBER_TLS_CERT and its key AMBER_TLS_KEY (PEM), handed on to APP_PORT.
import { readFileSync, watchFile } from 'node:fs'
import { createServer } from 'node:https'
import httpProxy from 'http-proxy'

const { HOST = '127.0.0.1', PORT, APP_PORT, AMBER_TLS_CERT: cert = '', AMBER_TLS_KEY: key = '' } = process.env
const read = () => ({ cert: readFileSync(cert), key: readFileSync(key), minVersion: 'TLSv1.2' })

const proxy = httpProxy.createProxyServer({ target: `http://127.0.0.1:${APP_PORT}`, xfwd: true })
proxy.on('error', (_error, _request, response) => {
  if (!('writeHead' in response)) return response.destroy()
  if (response.headersSent) return response.destroy()
  response.writeHead(503, { 'content-type': 'application/problem+json' })
  response.end(
    JSON.stringify({
      type: '/problems/unavailable',
      title: 'Not to be had at the moment',
      status: 503,
      detail: 'The application is starting again. Try again in a moment.',
    }),
  )
})

const server = createServer(read(), (request, response) => {
  // Where a request comes from is what is seen here, not what it says of itself.
  for (const name of Object.keys(request.headers))
    if (/^(x-forwarded-|forwarded$)/.test(name)) Reflect.deleteProperty(request.headers, name)
  proxy.web(request, response)
})
server.listen(Number(PORT), HOST)

// A renewed certificate is taken up without a new start; half a one is left until it is whole.
watchFile(cert, { interval: 60_000 }, () => {
  try {
    server.setSecureContext(read())
  } catch (error) {
    console.error('The renewed certificate cannot be read yet.', error)
  }
})
