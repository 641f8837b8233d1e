package web

import (
	"context"
	"errors"
	"fmt"
	"net"
	"net/http"
	"os"
	"runtime/debug"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/store"
	"damson/web/kit"
)

// recovery turns a panic into a page that still holds what was typed. What the disk or
// the database refused is told in words; anything else is a fault of the program, and its
// stack is printed for whoever runs it.
func (s *Server) recovery(c *gin.Context) {
	defer func() {
		p := recover()
		if p == nil {
			return
		}
		defer c.Abort()
		err, _ := p.(error)
		if errors.Is(err, context.Canceled) {
			return // whoever asked has gone
		}
		status, what, wayOut := http.StatusInternalServerError, "Something went wrong in Damson. Nothing that was stored is lost.", "What you typed stands below; copy it before you go on."
		var unread *unreadable
		trouble := store.TroubleOf(err)
		switch {
		case trouble != nil:
			status, what, wayOut = http.StatusServiceUnavailable, trouble.What, trouble.WayOut
			fmt.Fprintf(os.Stderr, "damson: %s %s: %v\n", c.Request.Method, c.Request.URL.Path, err)
		case errors.As(err, &unread):
			status, what, wayOut = http.StatusUnprocessableEntity, kit.Capital(unread.Error())+".", fmt.Sprintf("Mend it at /recipes/%d/edit, or take it off the desk there.", unread.recipe.ID)
		default:
			fmt.Fprintf(os.Stderr, "damson: %s %s: %v\n%s", c.Request.Method, c.Request.URL.Path, p, debug.Stack())
		}
		if !c.Writer.Written() {
			s.FailWith(c, status, what, wayOut, kit.TypedIn(c.Request.PostForm))
		}
	}()
	c.Next()
}

// securityHeaders puts the headers of safety on every answer, also on redirects and
// refusals: no inline scripts and styles, no eval, no framing, no other origin.
func securityHeaders(next http.Handler) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		h := w.Header()
		h.Set("Content-Security-Policy", "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'")
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
		if (site == "cross-site" || site == "same-site") && r.Header.Get("Sec-Fetch-Mode") != "navigate" && (r.Method == http.MethodGet || r.Method == http.MethodHead) {
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
			http.Error(w, "Damson does not answer by this name: open it by its address, or start it with --allow-host and the name.", http.StatusMisdirectedRequest)
			return
		default:
			http.Error(w, "Damson answers on this machine only: open it as http://127.0.0.1 or http://localhost.", http.StatusMisdirectedRequest)
			return
		}
		next.ServeHTTP(w, r)
	})
}
