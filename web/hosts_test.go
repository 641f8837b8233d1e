package web

import (
	"net/http"
	"net/http/httptest"
	"testing"

	"github.com/stretchr/testify/require"
)

// answers is a page that always answers.
var answers = http.HandlerFunc(func(w http.ResponseWriter, _ *http.Request) { w.WriteHeader(http.StatusOK) })

func TestHosts(t *testing.T) {
	for _, c := range []struct {
		host   string
		remote bool
		code   int
	}{
		{"LOCALHOST:1", false, 200}, {"localhost.:1", false, 200}, {"192.0.2.7", false, 421}, {"rebound.invalid:1", false, 421},
		{"192.0.2.7:1", true, 200}, {"[2001:db8::1]:1", true, 200}, {"kitchen.local", true, 200}, {"Kitchen.Local:1", true, 200}, {"rebound.invalid:1", true, 421}, {"", true, 421}, {"127.0.0.1.rebound.invalid", true, 421},
	} {
		r := httptest.NewRequest(http.MethodGet, "/healthz", nil)
		r.Host = c.host
		w := httptest.NewRecorder()
		onlyHosts(answers, c.remote, []string{"kitchen.local"}).ServeHTTP(w, r)
		require.Equal(t, c.code, w.Code, "%+v", c)
	}
}

// A page elsewhere that points its own name at this machine gets nothing.
func TestOnlyLocalHost(t *testing.T) {
	h := onlyHosts(answers, false, nil)
	for host, want := range map[string]int{
		"127.0.0.1:8080": http.StatusOK, "localhost:8080": http.StatusOK, "[::1]:8080": http.StatusOK, "localhost": http.StatusOK,
		"evil.example:8080": http.StatusMisdirectedRequest, "192.0.2.1": http.StatusMisdirectedRequest, "": http.StatusMisdirectedRequest,
	} {
		r := httptest.NewRequest(http.MethodGet, "/healthz", nil)
		r.Host = host
		w := httptest.NewRecorder()
		h.ServeHTTP(w, r)
		require.Equal(t, want, w.Code, host)
	}
}
