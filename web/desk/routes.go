// Package desk is the pages of the desk: what was sent in, and what was taken away.
package desk

import (
	"embed"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/web/kit"
)

// Templates are those of the pages.
//
//go:embed *.html
var Templates embed.FS

// Pages are the pages.
type Pages struct {
	*kit.Frame
	*app.House
}

// New returns the pages.
func New(f *kit.Frame, h *app.House) *Pages { return &Pages{Frame: f, House: h} }

// Routes puts the pages into the router.
func (s *Pages) Routes(g gin.IRouter) {
	g.GET("/", s.Handle(s.desk))
	g.GET("/removed", s.Handle(s.showRemoved))
	g.POST("/removed/:number/back", s.Handle(s.putBack))
	g.POST("/removed/:number/forget", s.Handle(s.forget))
}
