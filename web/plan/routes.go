// Package plan is the pages of the plan of a canning day: its loads, quantities, costs and run sheets.
package plan

import (
	"embed"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/web/draw"
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
	// pictures are those drawn last: to draw one costs more than any page.
	pictures draw.Cache
}

// New returns the pages.
func New(f *kit.Frame, h *app.House) *Pages { return &Pages{Frame: f, House: h} }

// Routes puts the pages into the router.
func (s *Pages) Routes(g gin.IRouter) {
	g.GET("/plan", s.Handle(s.showPlans))
	g.POST("/plan", s.Handle(s.addPlan))
	g.GET("/plan/:id", s.Handle(s.showPlan))
	g.POST("/plan/:id", s.Handle(s.savePlan))
	g.POST("/plan/:id/move", s.Handle(s.movePiece))
	g.POST("/plan/:id/join", s.Handle(s.joinPlan))
	g.POST("/plan/:id/took", s.Handle(s.saveTook))
	g.POST("/plan/:id/delete", s.Handle(s.deletePlan))
	g.GET("/plan/:id/quantities", s.Handle(s.showQuantities))
	g.POST("/plan/:id/prices", s.Handle(s.savePrices))
	g.GET("/plan/:id/sheets", s.Handle(s.showSheets))
	g.GET("/plan/:id/files/:file", s.Handle(s.planFile))
}
