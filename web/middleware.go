package web

import (
	"errors"
	"fmt"
	"net"
	"net/http"
	"os"
	"runtime/debug"
	"strings"

	"github.com/gin-gonic/gin"
)

// recovery turns a panic into a page that still holds what was typed, and
// prints the stack for whoever runs the program.
func (s *Server) recovery(c *gin.Context) {
	defer func() {
		if p := recover(); p != nil {
			fmt.Fprintf(os.Stderr, "damson: %s %s: %v\n%s", c.Request.Method, c.Request.URL.Path, p, debug.Stack())
			if !c.Writer.Written() {
				s.failWith(c, http.StatusInternalServerError, "Something went wrong in Damson. Nothing that was stored is lost.", "What you typed stands below; copy it before you go on.", c.Request.PostForm.Get("text"))
			}
			c.Abort()
		}
	}()
	c.Next()
}

// securityHeaders forbids inline scripts and styles, eval, framing and any
// other origin.
func securityHeaders(c *gin.Context) {
	h := c.Writer.Header()
	h.Set("Content-Security-Policy", "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'")
	h.Set("X-Content-Type-Options", "nosniff")
	h.Set("Referrer-Policy", "no-referrer")
	h.Set("Cross-Origin-Opener-Policy", "same-origin")
	h.Set("Cache-Control", "no-store")
	c.Next()
}

// limitBody stops a request body that no form of Damson's can have.
func limitBody(c *gin.Context) {
	if c.Request.Body != nil {
		c.Request.Body = http.MaxBytesReader(c.Writer, c.Request.Body, maxForm)
	}
	c.Next()
}

// form parses the posted form; where that fails it answers and reports false.
func (s *Server) form(c *gin.Context) bool {
	err := c.Request.ParseForm()
	if err == nil {
		return true
	}
	var large *http.MaxBytesError
	if errors.As(err, &large) {
		s.fail(c, http.StatusRequestEntityTooLarge, "This is larger than 1 MiB.", "Go back and paste one recipe at a time.")
		return false
	}
	s.fail(c, http.StatusBadRequest, "The form could not be read.", "Go back and send it again.")
	return false
}

// onlyLocalHost refuses requests that name another host: a page elsewhere that
// makes its own name point to this machine would else pass for this origin.
func onlyLocalHost(next http.Handler) http.Handler {
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		host := r.Host
		if h, _, err := net.SplitHostPort(host); err == nil {
			host = h
		}
		host = strings.Trim(host, "[]")
		if ip := net.ParseIP(host); host != "localhost" && (ip == nil || !ip.IsLoopback()) {
			http.Error(w, "Damson answers on this machine only: open it as http://127.0.0.1 or http://localhost.", http.StatusMisdirectedRequest)
			return
		}
		next.ServeHTTP(w, r)
	})
}
