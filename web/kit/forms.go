package kit

import (
	"crypto/rand"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"html/template"
	"net/http"
	"net/url"
	"reflect"
	"sort"
	"strconv"
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

// PrintOf is the print of the form that was posted, with what came in files; empty where
// it has no token. The same token with other fields is another form: somebody went back
// and wrote something else.
func PrintOf(c *gin.Context, files ...[]byte) string {
	fields := c.Request.PostForm
	if fields.Get("once") == "" {
		return ""
	}
	h := sha256.New()
	h.Write([]byte(c.Request.URL.Path + "\x00" + fields.Encode()))
	for _, data := range files {
		h.Write(data)
	}
	return hex.EncodeToString(h.Sum(nil)[:16])
}

// SeenOf is the print of what the posted form was made from; a script's form has none.
func SeenOf(c *gin.Context) string { return c.Request.PostForm.Get("seen") }

// Form parses the posted form; where that fails, or a field is no text, it answers and
// reports false.
func (f *Frame) Form(c *gin.Context) bool {
	err := c.Request.ParseForm()
	var large *http.MaxBytesError
	switch {
	case errors.As(err, &large):
		f.Fail(c, http.StatusRequestEntityTooLarge, "This is larger than 1 MiB.", "Go back and paste one recipe at a time.")
	case err != nil:
		f.Fail(c, http.StatusBadRequest, "The form could not be read.", "Go back and send it again.")
	case !f.readable(c, c.Request.PostForm):
	default:
		return true
	}
	return false
}

// readable refuses fields that are no text: they could be stored, but not given back as
// they were. The recipe's own text has a message of its own, beside it.
func (f *Frame) readable(c *gin.Context, form url.Values) bool {
	for name, values := range form {
		for _, v := range values {
			if name != "text" && (!utf8.ValidString(v) || strings.ContainsRune(v, 0)) {
				f.FailWith(c, http.StatusUnprocessableEntity, "The field “"+strings.ToValidUTF8(name,
					"?")+"” holds something that is no text.", "Nothing was stored. Go back and type it anew; a file must be saved as UTF-8.", TypedIn(form))
				return false
			}
		}
	}
	return true
}

// Kept is a field as it was typed.
type Kept struct{ Name, Value string }

// notTyped are the fields that a form carries by itself.
var notTyped = map[string]bool{"once": true, "seen": true}

// TypedIn lists what was typed in a form, the longest first.
func TypedIn(form url.Values) []Kept {
	var out []Kept
	for name, values := range form {
		for _, v := range values {
			if v = strings.ToValidUTF8(v, "\uFFFD"); strings.TrimSpace(v) != "" && !notTyped[name] {
				out = append(out, Kept{name, v})
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

// aLine is how many bytes a field may have that says nothing else: a line of print.
const aLine = 120

// Typed fills the struct that form points at with the posted form as it was typed. Each field names its own
// (`form:"note"`) and how many bytes it may have (`most:"500"`, a line of print where it says nothing); a bool is
// a box that is ticked, whatever its value. (Gin's own binding cuts nothing, and takes no box of the value "yes".)
func Typed(c *gin.Context, form any) {
	v := reflect.ValueOf(form).Elem()
	for i := range v.NumField() {
		of := v.Type().Field(i)
		typed := c.Request.PostForm.Get(of.Tag.Get("form"))
		if of.Type.Kind() == reflect.Bool {
			v.Field(i).SetBool(typed != "")
			continue
		}
		most, err := strconv.Atoi(of.Tag.Get("most"))
		if err != nil {
			most = aLine
		}
		v.Field(i).SetString(Cut(typed, most))
	}
}

// Cut returns at most n bytes of what was typed, without blanks around it.
func Cut(s string, n int) string {
	if len(s) > n {
		s = strings.ToValidUTF8(s[:n], "")
	}
	return strings.TrimSpace(s)
}
