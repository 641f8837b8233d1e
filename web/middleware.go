package web

import (
	"fmt"
	"net"
	"net/http"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"
)

// recovery turns a panic into a page that still holds what was typed.
func (s *Server) recovery(c *gin.Context) {
	defer func() {
		p := recover()
		if p == nil {
			return
		}
		defer c.Abort()
		if err, ok := p.(error); ok {
			s.Broken(c, err)
			return
		}
		s.Broken(c, fmt.Errorf("%v", p))
	}()
	c.Next()
}

// securityHeaders puts the headers of safety on every answer, also on redirects and
// refusals: no inline scripts and styles, no eval, no framing, no other origin.
func securityHeaders(next http.Handler) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		h := w.Header()
		h.Set("Content-Security-Policy", "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; "+
			"font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'")
		h.Set("X-Content-Type-Options", "nosniff")
		h.Set("Referrer-Policy", "no-referrer")
		h.Set("Cross-Origin-Opener-Policy", "same-origin")
		h.Set("Cross-Origin-Resource-Policy", "same-origin")
		h.Set("Cache-Control", "no-store")
		next.ServeHTTP(w, r)
	})
}

// onlyOwnPages refuses what a page elsewhere asks for as a part of itself, a picture say:
// it would learn of this kitchen, and have it work. A link from elsewhere is let in.
func onlyOwnPages(next http.Handler) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		site := r.Header.Get("Sec-Fetch-Site")
		if (site == "cross-site" || site == "same-site") && r.Header.Get("Sec-Fetch-Mode") != "navigate" &&
			(r.Method == http.MethodGet || r.Method == http.MethodHead) {
			http.Error(w, "This is for Damson's own pages.", http.StatusForbidden)
			return
		}
		next.ServeHTTP(w, r)
	})
}

// headAsGet answers HEAD as GET, without the body, which the server leaves out.
func headAsGet(next http.Handler) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if r.Method == http.MethodHead {
			asGet := r.Clone(r.Context())
			asGet.Method = http.MethodGet
			w, r = headOnly{w}, asGet
		}
		next.ServeHTTP(w, r)
	})
}

// headOnly drops the body of an answer.
type headOnly struct{ http.ResponseWriter }

func (h headOnly) Write(b []byte) (int, error) { return len(b), nil }

// limitBody stops a request body that no form of Damson's can have.
func limitBody(c *gin.Context) {
	if c.Request.Body != nil {
		c.Request.Body = http.MaxBytesReader(c.Writer, c.Request.Body, maxForm)
	}
	c.Next()
}

// onlyHosts refuses requests that name another host: a page elsewhere that makes its own
// name point to this machine would else pass for this origin. Addresses of this machine are
// always let in; other addresses and the names given are, where remote.
func onlyHosts(next http.Handler, remote bool, names []string) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		host := r.Host
		if h, _, err := net.SplitHostPort(host); err == nil {
			host = h
		}
		host = strings.TrimSuffix(strings.ToLower(strings.Trim(host, "[]")), ".")
		ip := net.ParseIP(host)
		switch {
		case host == "localhost" || ip != nil && ip.IsLoopback():
		case remote && (ip != nil || slices.ContainsFunc(names, func(n string) bool { return strings.EqualFold(n, host) })):
		case remote:
			http.Error(w, "Damson does not answer by this name: open it by its address, or start it with --allow-host and "+
				"the name.", http.StatusMisdirectedRequest)
			return
		default:
			http.Error(w, "Damson answers on this machine only: open it as http://127.0.0.1 or http://localhost.",
				http.StatusMisdirectedRequest)
			return
		}
		next.ServeHTTP(w, r)
	})
}
