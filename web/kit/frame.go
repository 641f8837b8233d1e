package kit

import (
	"bytes"
	"context"
	"embed"
	"encoding/json"
	"html/template"
	"io/fs"
	"net/http"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/core/elevation"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
)

// Page is what every page's frame needs.
type Page struct {
	Title string
	// Nav is the path of the tab that is open.
	Nav     string
	Kitchen KitchenView
	// Keys are the keys of this page, for its foot.
	Keys []Key
	Body any
	// Scripts are those that only this page needs.
	Scripts []string
	// Removed is what was taken away on the way to this page, or nil.
	Removed any
}

// Key is a key and what it does.
type Key struct{ Key, Does string }

// Keys are the keys of a page: each with what it does behind it.
func Keys(pairs ...string) []Key {
	out := make([]Key, 0, len(pairs)/2)
	for i := 0; i+1 < len(pairs); i += 2 {
		out = append(out, Key{pairs[i], pairs[i+1]})
	}
	return out
}

// KitchenView is the kitchen as the frame shows it.
type KitchenView struct {
	Name      string
	Elevation string
	Boils     string
	Gauge     string
	Set       bool
}

// Frame draws pages: all packages of pages share one.
type Frame struct {
	store *store.Store
	pages *template.Template
	// Clock is the clock on the wall.
	Clock func() time.Time
}

// frameFiles are the frame itself.
//
//go:embed *.html
var frameFiles embed.FS

// New returns a frame over the templates of the file systems; assets leads to a file that ships with the
// program. It fails where a template is broken.
func New(st *store.Store, assets func(string) string, templates ...fs.FS) (*Frame, error) {
	pages, err := template.New("").Funcs(template.FuncMap{
		"number":     quantity.Number,
		"jars":       func(s string) string { return quantity.Jar(s).Plural() },
		"lower":      strings.ToLower,
		"lowerfirst": words.LowerFirst,
		"thousands":  words.Thousands,
		"vals":       vals,
		"once":       onceField,
		"unanswered": func() string { return store.ChosenMark("") },
		"asset":      assets,
	}), error(nil)
	for _, files := range append([]fs.FS{frameFiles}, templates...) {
		if pages, err = pages.ParseFS(files, "*.html"); err != nil {
			return nil, err
		}
	}
	return &Frame{st, pages, time.Now}, nil
}

// vals writes one field as htmx wants it.
func vals(name, value string) (string, error) {
	b, err := json.Marshal(map[string]string{name: value})
	return string(b), err
}

// Render writes a page inside the frame.
func (f *Frame) Render(c *gin.Context, status int, name string, p Page) {
	if p.Kitchen == (KitchenView{}) {
		if k, err := f.Kitchen(c.Request.Context()); err == nil {
			p.Kitchen = ViewKitchen(k)
		}
	}
	p.Removed = f.justRemoved(c)
	c.Data(status, "text/html; charset=utf-8", f.Execute(name, p))
}

// Execute returns a page inside the frame. A template that fails is a programmer's error.
func (f *Frame) Execute(name string, p Page) []byte {
	var b bytes.Buffer
	for _, part := range []string{"head", name, "foot"} {
		if err := f.pages.ExecuteTemplate(&b, part, p); err != nil {
			panic(err)
		}
	}
	return b.Bytes()
}

// Fragment writes a part of a page, for htmx.
func (f *Frame) Fragment(c *gin.Context, name string, data any) {
	var b bytes.Buffer
	if err := f.pages.ExecuteTemplate(&b, name, data); err != nil {
		panic(err)
	}
	c.Data(http.StatusOK, "text/html; charset=utf-8", b.Bytes())
}

// failure is the page of an error: what is wrong, the way out, what was typed.
type failure struct {
	What, WayOut string
	Typed        []Kept
}

// Fail answers with the page of an error.
func (f *Frame) Fail(c *gin.Context, status int, what, wayOut string) {
	f.FailWith(c, status, what, wayOut, nil)
}

// FailWith is Fail with what was typed, so that it is not lost.
func (f *Frame) FailWith(c *gin.Context, status int, what, wayOut string, typed []Kept) {
	f.Render(c, status, "fail", Page{Title: "Not done", Body: failure{what, wayOut, typed}})
}

// Kitchen returns the kitchen; before it is set up, one at sea level.
func (f *Frame) Kitchen(ctx context.Context) (store.Kitchen, error) { return f.store.Here(ctx) }

// ViewKitchen is a kitchen as the frame shows it.
func ViewKitchen(k store.Kitchen) KitchenView {
	v := KitchenView{Name: k.Name, Set: k.ID != 0, Gauge: k.Gauge()}
	v.Elevation = words.Thousands(k.ElevationFt) + " ft"
	v.Boils = Degrees(elevation.BoilingPoint(float64(k.ElevationFt)))
	return v
}
