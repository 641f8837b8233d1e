// Package kitchen is the pages of the kitchen and its equipment.
package kitchen

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
	g.POST("/canners", s.Handle(s.saveCanner))
	g.POST("/canners/:id/delete", s.Handle(s.deleteCanner))
	g.POST("/stock", s.Handle(s.saveStock))
	g.GET("/kitchen", s.Handle(s.showKitchen))
	g.POST("/kitchen", s.Handle(s.saveKitchen))
}
