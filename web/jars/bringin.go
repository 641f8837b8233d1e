package jars

import (
	"fmt"
	"net/http"

	"github.com/gin-gonic/gin"

	"damson/core/larder"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// maxList is how large a list of jars may be.
const maxList = 512 << 10

// bringIn takes a list of jars from a spreadsheet, all of it or nothing.
func (p *Pages) bringIn(c *gin.Context) error {
	data, problem := kit.Upload(c, "file", maxList)
	if problem != "" {
		return p.renderShelf(c, http.StatusUnprocessableEntity, problem)
	}
	rows, err := larder.Read(data, p.Now())
	if err != nil {
		return p.renderShelf(c, http.StatusUnprocessableEntity, "Nothing was taken in. "+words.Sentence(err.Error()))
	}
	ctx := c.Request.Context()
	k, err := p.Kitchen(ctx)
	if err != nil {
		return err
	}
	lots := elsewhere(rows, k.ElevationFt)
	to, err := p.store.Once(ctx, kit.PrintOf(c, data), func(tx *store.Store) (string, error) {
		return fmt.Sprintf("/shelf?new=%d", len(lots)), tx.AddLots(ctx, lots)
	})
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, to)
	return nil
}

// elsewhere are the lots of jars of which nobody here knows how they were processed.
func elsewhere(rows []larder.Row, feet int) []store.Lot {
	lots := make([]store.Lot, len(rows))
	for i, r := range rows {
		lots[i] = store.Lot{
			Title: r.Title, Jar: string(r.Jar), MadeOn: r.Made.Format(kit.DayLayout), Sealed: r.Jars,
			Boil: larder.BoilFirst(feet), Place: r.Place, Note: r.Note,
		}
	}
	return lots
}
