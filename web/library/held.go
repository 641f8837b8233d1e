package library

import (
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"fmt"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/ledger"
	"damson/core/procedure"
	"damson/store"
	"damson/web/kit"
)

// heldView is a check that came in a file and waits for somebody of this kitchen:
// what is in force beside what the file says.
type heldView struct {
	Key, Href, Title, Row string
	Now, Says, Whose      string
	Reasons               []string
	// Away is set where the form itself can throw it away.
	Away bool
}

// heldProcedureView is a procedure that came in a file and waits.
type heldProcedureView struct {
	ID, Title, Source, Kind, Whose string
	Foods                          []string
	Rows                           []tableRow
	Below                          []string
	// Differs says in what it is unlike this kitchen's own of that name.
	Differs          []string
	Unreadable, Away bool
}

// keyOf names a held check in a form, the same for as long as it waits.
func keyOf(c ledger.Check) string {
	sum := sha256.Sum256([]byte(strings.Join([]string{c.Procedure, c.Part, c.Status, c.Values, c.Edition, c.Page,
		c.By, c.On}, "\x00")))
	return hex.EncodeToString(sum[:8])
}

// heldAmong counts the checks that the shelf in force holds back.
func (s *Pages) heldAmong(checks []ledger.Check) int {
	n := 0
	for _, h := range s.Shelves.Now().Held {
		for _, c := range checks {
			if c == h.Check {
				n++
				break
			}
		}
	}
	return n
}

func heldWords(all, held int) string {
	return fmt.Sprintf("%d of the %d checks in that file would lower what Damson asks for, or go against your own. "+
		"They are not in force: look at each below, with the printed page at hand.", held, all)
}

// heldBack lays out what waits.
func (s *Pages) heldBack() ([]heldView, []heldProcedureView) {
	sh := s.Shelves.Now()
	var checks []heldView
	for _, h := range sh.Held {
		c := h.Check
		v := heldView{Away: true, Key: keyOf(c), Href: "/library/" + c.Procedure, Title: c.Procedure, Row: h.Title,
			Now: h.Now, Says: h.Says, Reasons: h.Reasons, Whose: c.By + ", " + c.On + ", in " + c.Edition + pageWords(c.Page)}
		if p := sh.Remembered[c.Procedure]; p != nil {
			v.Title = p.Title
		}
		checks = append(checks, v)
	}
	var files []heldProcedureView
	for _, w := range sh.Waiting {
		files = append(files, viewHeld(sh, w))
	}
	return checks, files
}

// viewHeld lays one out, with what it is milder in than the library.
func viewHeld(sh *app.Shelf, w store.OwnProcedure) heldProcedureView {
	p := w.Procedure
	v := heldProcedureView{ID: w.ID, Title: w.ID, Whose: w.By, Unreadable: !app.Whole(sh.Lib, p)}
	if v.Unreadable {
		return v
	}
	v.Title, v.Source, v.Kind = p.Title, p.Citation(), p.Class+", "+p.Acidity
	v.Below = sh.Lib.Below(p)
	if mine := sh.Own[strings.TrimSuffix(p.ID, theirs)].Procedure; mine != nil && mine.ID != p.ID {
		same := *p
		same.Title = mine.Title // it was named apart only to stand beside
		v.Differs = procedure.Differences(mine, &same)
	}
	for _, in := range p.Ingredients {
		v.Foods = append(v.Foods, in.Name)
	}
	for _, r := range p.Rows {
		v.Rows = append(v.Rows, viewRow(p, r))
	}
	return v
}

// signHeld puts one check that waits into force, or throws it away.
func (s *Pages) signHeld(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	key, by := c.Param("key"), strings.TrimSpace(c.Request.PostForm.Get("by"))
	var check *ledger.Check
	sh := s.Shelves.Now()
	for i := range sh.Held {
		if h := &sh.Held[i]; keyOf(h.Check) == key {
			check = &h.Check
		}
	}
	if check == nil {
		return s.progress(c, http.StatusConflict, "That check does not wait any more: somebody has signed it or thrown "+
			"it away. What waits now stands below.")
	}
	var err error
	switch {
	case c.Request.PostForm.Get("away") != "":
		err = s.Store.DropCheck(ctx, *check)
	case by == "" || len(by) > kit.MaxText || c.Request.PostForm.Get("seen") == "":
		return s.progress(c, http.StatusUnprocessableEntity, unsignedWords)
	default:
		signed := *check
		signed.Signed = by
		err = s.Store.AddChecks(ctx, []ledger.Check{signed})
	}
	return s.settled(c, err)
}

// unsignedWords asks for what makes a signature.
const unsignedWords = "Nothing is changed: write your name, and tick that you have seen it in print yourself."

// signProcedure puts one procedure that waits into force.
func (s *Pages) signProcedure(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	id, by := c.Param("id"), strings.TrimSpace(c.Request.PostForm.Get("by"))
	if by == "" || len(by) > kit.MaxText || c.Request.PostForm.Get("seen") == "" {
		return s.progress(c, http.StatusUnprocessableEntity, unsignedWords)
	}
	sh := s.Shelves.Now()
	for _, w := range sh.Waiting {
		if w.ID != id {
			continue
		}
		if !app.Whole(sh.Lib, w.Procedure) || sh.Remembered[id] != nil {
			return s.progress(c, http.StatusUnprocessableEntity, "“"+id+"” cannot be put into force: it is not whole, or "+
				"another procedure has its id. Take it out below.")
		}
		return s.settled(c, s.Store.SignProcedure(ctx, id, by))
	}
	return s.settled(c, store.ErrNotFound)
}

// settled answers once something that waited was signed or thrown away.
func (s *Pages) settled(c *gin.Context, err error) error {
	switch {
	case errors.Is(err, store.ErrNotFound):
		return s.progress(c, http.StatusConflict, "That does not wait any more. What waits now stands below.")
	case err == nil:
		err = s.Shelves.Restock(c.Request.Context())
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, "/check")
	return nil
}
