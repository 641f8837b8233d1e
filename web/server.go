package web

import (
	"context"
	"embed"
	"errors"
	"net/http"
	"sync"
	"sync/atomic"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/library"
	"damson/store"
	"damson/web/jars"
	"damson/web/kit"
	"damson/web/stove"
)

//go:embed templates/*.html
var templateFiles embed.FS

// Server answers the pages over one store and one library.
type Server struct {
	*kit.Frame
	store    *store.Store
	base     *library.Library // as it ships
	parse    ParseProcedures
	current  atomic.Pointer[shelf]
	reviews  *reviewCache
	readings readings
	// pictures are those drawn last: to draw one costs more than any page.
	pictures pictureCache
	// shelving is held while what is stored is read and put into force, so that an older
	// reading never takes the place of a newer.
	shelving sync.Mutex
	measured measures
	stove    *app.Stove
}

// New returns a server over the store and the library that ships with the
// program; parse reads files of a kitchen's own procedures. It fails where the
// store cannot be read, or a template that ships with the program is broken.
func New(ctx context.Context, st *store.Store, lib *library.Library, parse ParseProcedures) (*Server, error) {
	s := &Server{store: st, base: lib, parse: parse, reviews: newReviewCache(), stove: app.NewStove(st, app.NewClock())}
	var err error
	if s.Frame, err = kit.New(st, templateFiles, assetPath, s.justRemoved); err != nil {
		return nil, err
	}
	return s, s.restock(ctx)
}

// Handler returns the whole application: routes behind the middleware.
func (s *Server) Handler() http.Handler {
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	g.HandleMethodNotAllowed = true
	g.Use(s.recovery, limitBody)

	g.GET("/", s.Handle(s.desk))
	g.GET("/new", s.Handle(s.newRecipe))
	g.POST("/read", s.readText)
	g.POST("/recipes", s.Handle(s.createRecipe))
	g.GET("/recipes/:id", s.Handle(s.showReview))
	g.POST("/recipes/:id/delete", s.Handle(s.deleteRecipe))
	g.GET("/removed", s.Handle(s.showRemoved))
	g.POST("/removed/:number/back", s.Handle(s.putBack))
	g.POST("/removed/:number/forget", s.Handle(s.forget))
	g.GET("/recipes/:id/edit", s.Handle(s.editRecipe))
	g.POST("/recipes/:id", s.Handle(s.updateRecipe))
	g.POST("/recipes/file", s.Handle(s.openFile))
	g.GET("/recipes/:id/amended", s.Handle(s.showAmended))
	g.POST("/recipes/:id/amended", s.Handle(s.keepAmended))
	g.GET("/recipes/:id/compare", s.Handle(s.showCompare))
	g.POST("/recipes/:id/procedure", s.Handle(s.chooseProcedure))
	g.GET("/recipes/:id/book", s.Handle(s.showBook))
	g.POST("/recipes/:id/book", s.Handle(s.keepBook))
	g.POST("/recipes/:id/answer", s.Handle(s.answer))
	g.GET("/recipes/:id/lines/:line", s.Handle(s.showWhatIf))
	g.GET("/recipes/:id/scale", s.Handle(s.showBatch))
	g.POST("/recipes/:id/scale", s.Handle(s.keepBatch))
	g.GET("/recipes/:id/versions", s.Handle(s.showVersions))
	g.GET("/recipes/:id/download/:file", s.Handle(s.download))
	g.GET("/library", s.Handle(s.showLibrary))
	g.GET("/search", s.Handle(s.search))
	g.GET("/library/:id", s.Handle(s.showProcedure))
	g.GET("/library/:id/check", s.Handle(s.showCheck))
	g.POST("/library/:id/check", s.Handle(s.saveCheck))
	g.POST("/library/:id/delete", s.Handle(s.deleteProcedure))
	g.GET("/foods/:id", s.showFood)
	g.POST("/foods", s.Handle(s.addFood))
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
	s.planRoutes(g)
	g.POST("/canners", s.Handle(s.saveCanner))
	g.POST("/canners/:id/delete", s.Handle(s.deleteCanner))
	g.POST("/stock", s.Handle(s.saveStock))
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
	g.GET("/kitchen", s.Handle(s.showKitchen))
	g.POST("/kitchen", s.Handle(s.saveKitchen))
	stove.New(s.Frame, s.stove, s.store, offers{s}).Routes(g)
	jars.New(s.Frame, s.store).Routes(g)
	g.GET("/healthz", s.health)
	g.GET("/assets/*file", serveAsset)
	g.NoRoute(func(c *gin.Context) {
		s.Fail(c, http.StatusNotFound, "There is no such page.", "The desk has everything that was sent in.")
	})
	g.NoMethod(func(c *gin.Context) {
		s.Fail(c, http.StatusMethodNotAllowed, "This page cannot do that.", "Go back and try the page's own buttons.")
	})
	return securityHeaders(headAsGet(onlyOwnPages(http.NewCrossOriginProtection().Handler(g))))
}

// planRoutes puts the pages of the plan into the router.
func (s *Server) planRoutes(g gin.IRouter) {
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

// Run serves on the address until ctx ends, then lets requests in flight finish. Where the
// address can be reached from other machines, names are the hosts that it answers by,
// beside addresses.
func (s *Server) Run(ctx context.Context, addr string, names []string, ready func()) error {
	local, err := Loopback(addr)
	if err != nil {
		return err
	}
	srv := &http.Server{
		Addr: addr, Handler: securityHeaders(onlyHosts(s.Handler(), !local, names)),
		ReadHeaderTimeout: headerTime, ReadTimeout: bodyTime, WriteTimeout: answerTime, IdleTimeout: idleTime,
		MaxHeaderBytes: maxHeader,
	}
	srv.RegisterOnShutdown(s.stove.End)
	ln, err := listen(ctx, addr)
	if err != nil {
		return err
	}
	if ready != nil {
		ready()
	}
	stopped := make(chan error, 1)
	go func() {
		<-ctx.Done()
		grace, cancel := context.WithTimeout(context.Background(), graceTime)
		defer cancel()
		err := srv.Shutdown(grace)
		if errors.Is(err, context.DeadlineExceeded) {
			err = srv.Close() // a connection without a request, or half of one: nothing is lost
		}
		stopped <- err
	}()
	if err := srv.Serve(ln); !errors.Is(err, http.ErrServerClosed) {
		return err
	}
	return <-stopped
}

func (s *Server) health(c *gin.Context) {
	if err := s.store.Ping(c.Request.Context()); err != nil {
		what := "the database does not answer"
		if t := store.TroubleOf(err); t != nil {
			what = t.Error()
		}
		c.String(http.StatusServiceUnavailable, what+"\n")
		return
	}
	c.String(http.StatusOK, "ok\n")
}
