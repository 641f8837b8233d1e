package web

import (
	"context"
	"errors"
	"net/http"

	"github.com/gin-gonic/gin"

	"damson/app"
	tested "damson/core/library"
	"damson/store"
	"damson/web/acid"
	"damson/web/desk"
	"damson/web/jars"
	"damson/web/kit"
	"damson/web/kitchen"
	"damson/web/library"
	"damson/web/plan"
	"damson/web/recipe"
	"damson/web/stove"
)

// pages is a package of pages.
type pages interface{ Routes(router gin.IRouter) }

// Server answers the pages over one store and one library.
type Server struct {
	*kit.Frame
	*app.House
	pages []pages
}

// New returns a server over the store and the library that ships with the
// program; parse reads files of a kitchen's own procedures. It fails where the
// store cannot be read, or a template that ships with the program is broken.
func New(ctx context.Context, st *store.Store, lib *tested.Library, parse app.ParseProcedures) (*Server, error) {
	house, err := app.Open(ctx, st, lib, pagesFound)
	if err != nil {
		return nil, err
	}
	f, err := kit.New(st, assetPath, acid.Templates, desk.Templates, jars.Templates, kitchen.Templates,
		library.Templates, plan.Templates, recipe.Templates, stove.Templates)
	return &Server{Frame: f, House: house, pages: []pages{
		desk.New(f, house), recipe.New(f, house), library.New(f, house, parse), plan.New(f, house), acid.New(f, house),
		kitchen.New(f, house), stove.New(f, house.Stove, st, house.Days), jars.New(f, st),
	}}, err
}

// Handler returns the whole application: routes behind the middleware.
func (s *Server) Handler() http.Handler {
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	g.HandleMethodNotAllowed = true
	g.Use(s.recovery, limitBody)

	for _, p := range s.pages {
		p.Routes(g)
	}
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
	srv.RegisterOnShutdown(s.Stove.End)
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
	if err := s.Store.Ping(c.Request.Context()); err != nil {
		what := "the database does not answer"
		if t := store.TroubleOf(err); t != nil {
			what = t.Error()
		}
		c.String(http.StatusServiceUnavailable, what+"\n")
		return
	}
	c.String(http.StatusOK, "ok\n")
}
