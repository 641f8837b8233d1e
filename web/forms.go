package web

import (
	"crypto/rand"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"html/template"
	"net/http"
	"net/url"
	"sort"
	"strings"
	"unicode/utf8"

	"github.com/gin-gonic/gin"
)

// A form that adds something carries a token of its own (“once”), so that the same form
// sent twice adds once. A form that changes something carries the print of what it was
// made from (“seen”), so that nobody puts back what somebody else stored meanwhile.

// onceField writes the hidden field of a fresh token.
func onceField() template.HTML {
	var b [12]byte
	_, _ = rand.Read(b[:]) // never fails
	return template.HTML(`<input type="hidden" name="once" value="` + hex.EncodeToString(b[:]) + `">`)
}

// printOf is the print of the form that was posted, with what came in files; empty where
// it has no token. The same token with other fields is another form: somebody went back
// and wrote something else.
func printOf(c *gin.Context, files ...[]byte) string {
	f := c.Request.PostForm
	if f.Get("once") == "" {
		return ""
	}
	h := sha256.New()
	h.Write([]byte(c.Request.URL.Path + "\x00" + f.Encode()))
	for _, data := range files {
		h.Write(data)
	}
	return hex.EncodeToString(h.Sum(nil)[:16])
}

// seenOf is the print of what the posted form was made from; a script's form has none.
func seenOf(c *gin.Context) string { return c.Request.PostForm.Get("seen") }

// form parses the posted form; where that fails, or a field is no text, it answers and
// reports false.
func (s *Server) form(c *gin.Context) bool {
	err := c.Request.ParseForm()
	var large *http.MaxBytesError
	switch {
	case errors.As(err, &large):
		s.fail(c, http.StatusRequestEntityTooLarge, "This is larger than 1 MiB.", "Go back and paste one recipe at a time.")
	case err != nil:
		s.fail(c, http.StatusBadRequest, "The form could not be read.", "Go back and send it again.")
	case !s.readable(c, c.Request.PostForm):
	default:
		return true
	}
	return false
}

// readable refuses fields that are no text: they could be stored, but not given back as
// they were. The recipe's own text has a message of its own, beside it.
func (s *Server) readable(c *gin.Context, form url.Values) bool {
	for name, values := range form {
		for _, v := range values {
			if name != "text" && (!utf8.ValidString(v) || strings.ContainsRune(v, 0)) {
				s.failWith(c, http.StatusUnprocessableEntity, "The field “"+strings.ToValidUTF8(name, "?")+"” holds something that is no text.", "Nothing was stored. Go back and type it anew; a file must be saved as UTF-8.", typedIn(form))
				return false
			}
		}
	}
	return true
}

// kept is a field as it was typed.
type kept struct{ Name, Value string }

// notTyped are the fields that a form carries by itself.
var notTyped = map[string]bool{"once": true, "seen": true}

// typedIn lists what was typed in a form, the longest first.
func typedIn(form url.Values) []kept {
	var out []kept
	for name, values := range form {
		for _, v := range values {
			if v = strings.ToValidUTF8(v, "\uFFFD"); strings.TrimSpace(v) != "" && !notTyped[name] {
				out = append(out, kept{name, v})
			}
		}
	}
	sort.Slice(out, func(i, j int) bool {
		if len(out[i].Value) != len(out[j].Value) {
			return len(out[i].Value) > len(out[j].Value)
		}
		return out[i].Name < out[j].Name
	})
	return out
}
