package kit

import (
	"errors"
	"net/http"
	"net/url"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/store"
)

// KindWords names what can be taken away, and the page on which it stands.
var KindWords = map[string]struct{ Words, Page string }{
	store.KindRecipe:      {"recipe", "/"},
	store.KindCanner:      {"canner", "/kitchen#canners"},
	store.KindMeter:       {"pH meter, with its calibrations", "/acidity/log#meters"},
	store.KindCalibration: {"calibration", "/acidity/log#calibrations"},
	store.KindReading:     {"reading", "/acidity/log"},
	store.KindPlan:        {"plan", "/plan"},
	store.KindRun:         {"load", "/stove"},
}

// Removed is a thing that was taken away.
type Removed struct {
	Number           int64
	Kind, Name, When string
}

// ViewRemoved is a thing that was taken away, in words.
func ViewRemoved(x store.Removed) Removed {
	return Removed{x.ID, KindWords[x.Kind].Words, x.Name, When(x.CreatedAt)}
}

// Remove takes the thing of the path away and goes back to its page, which offers to put
// it back; gone is told what kind of thing it was.
func (f *Frame) Remove(c *gin.Context, kind string, gone func(kind string)) error {
	ctx := c.Request.Context()
	number := int64(0)
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		err = store.ErrNotFound
	} else {
		number, err = f.store.Remove(ctx, kind, id)
	}
	if errors.Is(err, store.ErrNotFound) {
		f.Fail(c, http.StatusNotFound, "There is no such "+kind+".",
			"It may have been taken away already: the page “Taken away” lists what can be put back.")
		return nil
	}
	if err != nil {
		return err
	}
	gone(kind)
	c.Redirect(http.StatusSeeOther, withQuery(KindWords[kind].Page, "removed", strconv.FormatInt(number, 10)))
	return nil
}

// withQuery puts a field into the query of a page's address, before its fragment.
func withQuery(page, name, value string) string {
	u, err := url.Parse(page)
	if err != nil {
		panic(err) // pages are the program's own
	}
	u.RawQuery = url.Values{name: {value}}.Encode()
	return u.String()
}

// justRemoved is what the page was led to by taking away, or nil.
func (f *Frame) justRemoved(c *gin.Context) any {
	number, err := strconv.ParseInt(c.Query("removed"), 10, 64)
	if err != nil {
		return nil
	}
	thing, err := f.store.RemovedThing(c.Request.Context(), number)
	if err != nil {
		return nil // put back since; the page is what matters
	}
	return ViewRemoved(thing)
}
