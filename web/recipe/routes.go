// Package recipe is the pages of a recipe: sending it in, its reading, its review, the version that can be
// canned, and what is asked of it.
package recipe

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
	g.GET("/new", s.Handle(s.newRecipe))
	g.POST("/read", s.readText)
	g.POST("/recipes", s.Handle(s.createRecipe))
	g.GET("/recipes/:id", s.Handle(s.showReview))
	g.POST("/recipes/:id/delete", s.Handle(s.deleteRecipe))
	g.GET("/recipes/:id/edit", s.Handle(s.editRecipe))
	g.POST("/recipes/:id", s.Handle(s.updateRecipe))
	g.POST("/recipes/file", s.Handle(s.openFile))
	g.GET("/recipes/:id/amended", s.Handle(s.showAmended))
	g.POST("/recipes/:id/amended", s.Handle(s.keepAmended))
	g.GET("/recipes/:id/compare", s.Handle(s.showCompare))
	g.POST("/recipes/:id/procedure", s.Handle(s.chooseProcedure))
	g.POST("/recipes/:id/answer", s.Handle(s.answer))
	g.GET("/recipes/:id/lines/:line", s.Handle(s.showWhatIf))
	g.GET("/recipes/:id/scale", s.Handle(s.showBatch))
	g.POST("/recipes/:id/scale", s.Handle(s.keepBatch))
	g.GET("/recipes/:id/versions", s.Handle(s.showVersions))
	g.GET("/recipes/:id/download/:file", s.Handle(s.download))
	g.POST("/foods", s.Handle(s.addFood))
}
