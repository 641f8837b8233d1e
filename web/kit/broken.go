package kit

import (
	"context"
	"errors"
	"fmt"
	"net/http"
	"os"
	"runtime/debug"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/words"
	"damson/store"
)

// Handle runs a handler, and turns the error that it could not answer itself into a page.
func (f *Frame) Handle(h func(*gin.Context) error) gin.HandlerFunc {
	return func(c *gin.Context) {
		if err := h(c); err != nil {
			f.Broken(c, err)
		}
	}
}

// Told is an error that says what is wrong with what is stored, and the way out.
type Told interface {
	error
	WayOut() string
}

// Broken answers for an error, with all that was typed. What the disk or the database refused
// is told in words; anything else is a fault of the program, and its stack is printed for
// whoever runs it.
func (f *Frame) Broken(c *gin.Context, err error) {
	if errors.Is(err, context.Canceled) {
		return // whoever asked has gone
	}
	status, what, wayOut := http.StatusInternalServerError, "Something went wrong in Damson. Nothing that was stored "+
		"is lost.", "What you typed stands below; copy it before you go on."
	var told Told
	trouble := store.TroubleOf(err)
	switch {
	case trouble != nil:
		status, what, wayOut = http.StatusServiceUnavailable, trouble.What, trouble.WayOut
		fmt.Fprintf(os.Stderr, "damson: %s %s: %v\n", c.Request.Method, c.Request.URL.Path, err)
	case errors.As(err, &told):
		status, what, wayOut = http.StatusUnprocessableEntity, words.Capital(told.Error())+".", told.WayOut()
	default:
		fmt.Fprintf(os.Stderr, "damson: %s %s: %v\n%s", c.Request.Method, c.Request.URL.Path, err, debug.Stack())
	}
	if c.Request.PostForm == nil {
		_ = c.Request.ParseForm() // what can be read of it is shown
	}
	if !c.Writer.Written() {
		f.FailWith(c, status, what, wayOut, TypedIn(c.Request.PostForm))
	}
}

// Absent says what is not there, and where to look.
type Absent struct{ What, WayOut string }

func (a *Absent) Error() string { return a.What }

// Missing answers for what is not there, and hands any other error on. Of what the store does
// not find it says what is given, where that is not nil.
func (f *Frame) Missing(c *gin.Context, err error, given *Absent) error {
	var a *Absent
	switch {
	case errors.As(err, &a):
	case given != nil && errors.Is(err, store.ErrNotFound):
		a = given
	default:
		return err
	}
	f.Fail(c, http.StatusNotFound, a.What, a.WayOut)
	return nil
}

// Number is the number of the path, 0 where it is none.
func Number(c *gin.Context) int64 {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		return 0
	}
	return id
}

// NoRecipe says that there is no such recipe.
var NoRecipe = &Absent{
	What: "There is no recipe with this number.", WayOut: "The desk lists every recipe that was sent in.",
}

// Recipe returns the recipe of the path, or NoRecipe.
func (f *Frame) Recipe(c *gin.Context) (store.Recipe, error) {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		return store.Recipe{}, NoRecipe
	}
	r, err := f.store.Recipe(c.Request.Context(), id)
	if errors.Is(err, store.ErrNotFound) {
		err = NoRecipe
	}
	return r, err
}
