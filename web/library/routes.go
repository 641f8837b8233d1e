// Package library is the pages of the library: procedures, foods, rules, what a kitchen adds, and what was
// checked against print.
package library

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
	parse app.ParseProcedures
}

// New returns the pages; parse reads files of a kitchen's own procedures.
func New(f *kit.Frame, h *app.House, parse app.ParseProcedures) *Pages {
	return &Pages{f, h, parse}
}

// Routes puts the pages into the router.
func (s *Pages) Routes(g gin.IRouter) {
	g.GET("/recipes/:id/book", s.Handle(s.showBook))
	g.POST("/recipes/:id/book", s.Handle(s.keepBook))
	g.GET("/library", s.Handle(s.showLibrary))
	g.GET("/search", s.Handle(s.search))
	g.GET("/library/:id", s.Handle(s.showProcedure))
	g.GET("/library/:id/check", s.Handle(s.showCheck))
	g.POST("/library/:id/check", s.Handle(s.saveCheck))
	g.POST("/library/:id/delete", s.Handle(s.deleteProcedure))
	g.GET("/foods/:id", s.showFood)
	g.POST("/foods/:id/delete", s.Handle(s.deleteFood))
	g.GET("/rules/:id", s.showRule)
	g.GET("/without/:id", s.showWithout)
	g.GET("/debated", s.Handle(s.showDebated))
	g.POST("/debated", s.Handle(s.saveChoice))
	g.GET("/check", s.Handle(s.showProgress))
	g.GET("/check/sheet", s.Handle(s.showCheckSheet))
	g.POST("/foods/:id/check", s.Handle(s.checkFood))
	g.GET("/check/ledger.csv", s.Handle(s.exportLedger))
	g.POST("/check/ledger", s.Handle(s.importLedger))
	g.POST("/check/held/:key", s.Handle(s.signHeld))
	g.POST("/procedures/:id/sign", s.Handle(s.signProcedure))
	g.GET("/procedures.json", s.Handle(s.exportProcedures))
	g.GET("/library/:id/procedure.json", s.Handle(s.exportProcedures))
	g.GET("/procedures/new", s.newProcedure)
	g.POST("/procedures", s.Handle(s.addProcedure))
	g.POST("/procedures/file", s.Handle(s.addProcedureFile))
}
