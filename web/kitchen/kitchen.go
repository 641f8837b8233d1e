package kitchen

import (
	"errors"
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/canner"
	"damson/core/elevation"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

type kitchenForm struct {
	Name, Elevation string
	Canners         []kit.Choice
	Stances         []kit.Choice
	Problem         string
	Field           string
	First           bool
	// Bath is true where a new kitchen has a water bath too.
	Bath  bool
	Saved bool

	Equipment                      []cannerView
	New                            cannerView
	Stock                          []stockRow
	StockProblem                   string
	Burners, LidsRegular, LidsWide string
	// Seen is the print of the place, StockSeen that of jars, lids and burners.
	Seen, StockSeen string
}

func (s *Pages) showKitchen(c *gin.Context) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	f := s.kitchenForm(k)
	f.Saved = c.Query("saved") != ""
	return s.renderKitchen(c, http.StatusOK, f, nil)
}

// kitchenForm is the page's forms as the kitchen is stored.
func (s *Pages) kitchenForm(k store.Kitchen) kitchenForm {
	f := kitchenForm{Name: k.Name, Seen: k.Mark(), First: k.ID == 0, Equipment: s.viewCanners(k), New: newCanner()}
	if k.ID != 0 {
		f.Elevation = strconv.Itoa(k.ElevationFt) + " ft"
	}
	f.Canners, f.Stances = cannerChoices(k, k.CannerID), stanceChoices(k.Stance)
	f.Burners, f.LidsRegular, f.LidsWide = strconv.Itoa(max(k.Burners,
		1)), strconv.Itoa(k.LidsRegular), strconv.Itoa(k.LidsWide)
	return f
}

// renderKitchen writes the page; mended is a canner's form that was not taken.
func (s *Pages) renderKitchen(c *gin.Context, status int, f kitchenForm, mended *cannerView) error {
	list, err := s.Store.JarStocks(c.Request.Context())
	if err != nil {
		return err
	}
	if f.Stock == nil {
		f.Stock = viewStock(list)
	}
	if f.StockSeen == "" {
		k, err := s.Kitchen(c.Request.Context())
		if err != nil {
			return err
		}
		f.StockSeen = k.StockMark(list)
	}
	if mended != nil && mended.ID == 0 {
		f.New = *mended
	}
	for i := range f.Equipment {
		if mended != nil && f.Equipment[i].ID == mended.ID {
			mended.Words, mended.Marks = f.Equipment[i].Words, f.Equipment[i].Marks
			f.Equipment[i] = *mended
		}
	}
	s.Render(c, status, "kitchen", kit.Page{Title: "Kitchen", Nav: "/kitchen", Body: f})
	return nil
}

// stock are the canners that a new kitchen may choose from.
func stock() []store.Canner {
	return []store.Canner{
		{ID: 1, Name: "Dial-gauge canner", Kind: "pressure", Gauge: "dial", Quarts: 7, Pints: 9, HalfPints: 9,
			Layers: 1, Rack: true},
		{ID: 2, Name: "Weighted-gauge canner", Kind: "pressure", Gauge: "weighted", Quarts: 7, Pints: 9, HalfPints: 9,
			Layers: 1, Rack: true},
		{ID: 3, Name: "Water-bath canner", Kind: "water-bath", Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true},
	}
}

// entered are those of the stock that somebody said they have: no other stands in the kitchen.
func entered(chosen int64, bath bool) []store.Canner {
	return slices.DeleteFunc(stock(), func(c store.Canner) bool {
		return c.ID != chosen && !(bath && c.Kind == canner.Bath)
	})
}

func cannerChoices(k store.Kitchen, chosen int64) []kit.Choice {
	list := k.Canners
	if len(list) == 0 {
		list = stock()
	}
	out := []kit.Choice{{Value: "0", Label: "no pressure canner, or not said", Chosen: chosen == 0}}
	for _, c := range list {
		if c.Kind != "pressure" {
			continue
		}
		out = append(out, kit.Choice{Value: strconv.FormatInt(c.ID, 10), Label: c.Name + " (" + c.Gauge + " gauge)",
			Chosen: c.ID == chosen})
	}
	return out
}

func stanceChoices(now string) []kit.Choice {
	return []kit.Choice{{Value: review.Book, Label: "book: only tested procedures", Chosen: now != review.Guideline},
		{Value: review.Guideline, Label: "guideline: also lay out what is known of the parts",
			Chosen: now == review.Guideline}}
}

func (s *Pages) saveKitchen(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	get := func(name string) string { return strings.TrimSpace(c.Request.PostForm.Get(name)) }
	f := s.kitchenForm(k)
	f.Name, f.Elevation, f.Seen, f.Bath = get("name"), get("elevation"), kit.SeenOf(c), get("bath") != ""
	chosen, err := strconv.ParseInt(get("canner"), 10, 64)
	if k.ID == 0 {
		k.Canners = stock()
	}
	stance := get("stance")
	if stance == "" {
		stance = review.Book // a form without the field says nothing about it
	}
	f.Canners, f.Stances = cannerChoices(k, chosen), stanceChoices(stance)
	refuse := func(field, problem string) error {
		f.Field, f.Problem = field, problem
		return s.renderKitchen(c, http.StatusUnprocessableEntity, f, nil)
	}
	switch {
	case f.Name == "" || len(f.Name) > 80:
		return refuse("name", "Give the kitchen a name of 1 to 80 letters.")
	case stance != review.Book && stance != review.Guideline:
		return refuse("stance", "Choose a stance from the list.")
	case err != nil || chosen != 0 && !k.HasCanner(chosen):
		return refuse("canner", "Choose a canner from the list.")
	}
	feet, err := elevation.Parse(f.Elevation)
	if err != nil {
		return refuse("elevation", err.Error()+".")
	}
	k.Name, k.ElevationFt, k.CannerID, k.Stance = f.Name, feet, chosen, stance
	if k.ID == 0 {
		k.Burners, k.Canners = 4, entered(chosen, f.Bath)
		err = s.Store.SetUp(ctx, &k)
	} else {
		err = s.Store.SavePlace(ctx, &k, kit.SeenOf(c))
	}
	switch {
	case errors.Is(err, store.ErrStale):
		return s.kitchenMeanwhile(c, f)
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, "/kitchen?saved=1")
	return nil
}

// kitchenMeanwhile tells what somebody else made of the kitchen, with what was typed in the fields.
func (s *Pages) kitchenMeanwhile(c *gin.Context, f kitchenForm) error {
	now, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	f.Seen, f.Field = now.Mark(), "name"
	f.Problem = fmt.Sprintf("Somebody else has changed the kitchen since you opened this page: it is now “%s” at %s ft. "+
		"Yours stands in the fields; save again to put it in the place of "+
		"theirs.", now.Name, words.Thousands(now.ElevationFt))
	return s.renderKitchen(c, http.StatusConflict, f, nil)
}
