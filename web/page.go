package web

import (
	"bytes"
	"context"
	"embed"
	"encoding/json"
	"errors"
	"html/template"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/elevation"
	"damson/core/quantity"
	"damson/store"
)

//go:embed templates/*.html
var templateFiles embed.FS

// page is what every page's frame needs.
type page struct {
	Title string
	// Nav is the path of the tab that is open.
	Nav     string
	Kitchen kitchenView
	// Keys are the keys of this page, for its foot.
	Keys []key
	Body any
	// Removed is what was taken away on the way to this page, or nil.
	Removed *removedView
}

type key struct{ Key, Does string }

// kitchenView is the kitchen as the frame shows it.
type kitchenView struct {
	Name      string
	Elevation string
	Boils     string
	Gauge     string
	Set       bool
}

func parseTemplates() (*template.Template, error) {
	return template.New("").Funcs(template.FuncMap{
		"number":     quantity.Number,
		"jars":       func(s string) string { return quantity.Jar(s).Plural() },
		"lower":      strings.ToLower,
		"lowerfirst": lowerFirst,
		"thousands":  thousands,
		"vals":       vals,
		"once":       onceField,
		"unanswered": func() string { return store.ChosenMark("") },
		"asset":      assetPath,
	}).ParseFS(templateFiles, "templates/*.html")
}

// vals writes one field as htmx wants it.
func vals(name, value string) (string, error) {
	b, err := json.Marshal(map[string]string{name: value})
	return string(b), err
}

// render writes a page inside the frame.
func (s *Server) render(c *gin.Context, status int, name string, p page) {
	if p.Kitchen == (kitchenView{}) {
		if k, err := s.kitchen(c.Request.Context()); err == nil {
			p.Kitchen = viewKitchen(k)
		}
	}
	p.Removed = s.justRemoved(c)
	c.Data(status, "text/html; charset=utf-8", s.execute(name, p))
}

// execute returns a page inside the frame. A template that fails is a
// programmer's error.
func (s *Server) execute(name string, p page) []byte {
	var b bytes.Buffer
	for _, part := range []string{"head", name, "foot"} {
		if err := s.pages.ExecuteTemplate(&b, part, p); err != nil {
			panic(err)
		}
	}
	return b.Bytes()
}

// fragment writes a part of a page, for htmx.
func (s *Server) fragment(c *gin.Context, name string, data any) {
	var b bytes.Buffer
	if err := s.pages.ExecuteTemplate(&b, name, data); err != nil {
		panic(err)
	}
	c.Data(http.StatusOK, "text/html; charset=utf-8", b.Bytes())
}

// failure is the page of an error: what is wrong, the way out, what was typed.
type failure struct {
	What, WayOut string
	Typed        []kept
}

func (s *Server) fail(c *gin.Context, status int, what, wayOut string) {
	s.failWith(c, status, what, wayOut, nil)
}

func (s *Server) failWith(c *gin.Context, status int, what, wayOut string, typed []kept) {
	s.render(c, status, "fail", page{Title: "Not done", Body: failure{what, wayOut, typed}})
}

// kitchen returns the kitchen; before it is set up, one at sea level.
func (s *Server) kitchen(ctx context.Context) (store.Kitchen, error) {
	k, err := s.store.Kitchen(ctx)
	if errors.Is(err, store.ErrNotFound) {
		return store.Kitchen{}, nil
	}
	return k, err
}

func viewKitchen(k store.Kitchen) kitchenView {
	v := kitchenView{Name: k.Name, Set: k.ID != 0, Gauge: k.Gauge()}
	v.Elevation = thousands(k.ElevationFt) + " ft"
	v.Boils = degrees(elevation.BoilingPoint(float64(k.ElevationFt)))
	return v
}
