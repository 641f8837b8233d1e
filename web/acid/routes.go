// Package acid is the pages of the acid bench, the pH log, the practice meter and what is said of selling.
package acid

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
	g.GET("/acidity", s.showAcidBench)
	g.GET("/acidity/mix", s.moveMix)
	g.GET("/acidity/picture/:file", s.Handle(s.acidPicture))
	g.GET("/acidity/log", s.Handle(s.showLog))
	g.POST("/acidity/meters", s.Handle(s.addMeter))
	g.POST("/acidity/calibrations", s.Handle(s.addCalibration))
	g.POST("/acidity/readings", s.Handle(s.addReading))
	g.POST("/acidity/meters/:id/delete", s.Handle(s.deleteMeter))
	g.POST("/acidity/calibrations/:id/delete", s.Handle(s.deleteCalibration))
	g.POST("/acidity/readings/:id/delete", s.Handle(s.deleteReading))
	g.POST("/acidity/readings/file", s.Handle(s.importReadings))
	g.GET("/acidity/readings.csv", s.Handle(s.exportReadings))
	g.GET("/acidity/practice", s.showPractice)
	g.GET("/acidity/selling", s.showSelling)
}
