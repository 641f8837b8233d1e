package plan

import (
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"slices"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/plan"
	"damson/core/quantity"
	"damson/store"
	"damson/web/kit"
)

// Part-full last loads of a plan that go into a canner together, and one recipe in two sizes of jars.

// sharedView offers two part loads to be joined: Guest's last jars go into Host's last load.
type sharedView struct {
	Words       string
	Host, Guest int64
}

// guestView is jars of another recipe in a load.
type guestView struct {
	Dish  int64
	Words string
}

// day dishes, by their places in the day.
func (w *planned) dayDishes() []plan.Dish {
	out := make([]plan.Dish, len(w.inDay))
	for i, k := range w.inDay {
		out[i] = w.dishes[k].Dish
	}
	return out
}

// joins puts into the dishes of a day which of them go in with another's last load.
func (w *planned) joins(dishes []plan.Dish) {
	for i, k := range w.inDay {
		to := w.dishes[k].Stored.Joins
		at := slices.IndexFunc(w.inDay, func(h int) bool { return to != 0 && w.dishes[h].Stored.ID == to })
		dishes[i].Joins = at + 1
		w.dishes[k].Dish.Joins = at + 1
	}
}

// shared says which part-full last loads could go in together, nil for none.
func (w *planned) shared() *sharedView {
	dishes := w.dayDishes()
	a, b, both, ok := w.day.Shared(&w.place, dishes)
	if !ok {
		return nil
	}
	words := fmt.Sprintf("The last loads of %s and %s may go in together: one pressure, and the longer time, %d minutes.",
		w.named(a), w.named(b), both.Minutes)
	return &sharedView{words, w.dishes[w.inDay[a]].Stored.ID, w.dishes[w.inDay[b]].Stored.ID}
}

// apart are the dishes that were to go in with another and do not fit there any more.
func (w *planned) apart() []guestView {
	var out []guestView
	for _, i := range w.day.Apart {
		out = append(out, guestView{w.dishes[w.inDay[i]].Stored.ID, w.named(i)})
	}
	return out
}

// named is the title of a dish of the day, with its jars where another has the same title.
func (w *planned) named(i int) string {
	d := &w.dishes[w.inDay[i]]
	for k := range w.inDay {
		if k != i && w.dishes[w.inDay[k]].Result.Title == d.Result.Title {
			return d.Result.Title + " in " + kit.JarPlural(d.Chosen.Process.Jar)
		}
	}
	return d.Result.Title
}

// loadTitle names all that is in load n of dish i.
func (w *planned) loadTitle(i, n int) string {
	title, own := w.named(i), w.dishes[w.inDay[i]].Result.Title
	for _, g := range w.day.Loads[i][n].Guests {
		if d := &w.dishes[w.inDay[g.Dish]]; d.Result.Title == own {
			title += " and " + kit.JarPlural(d.Chosen.Process.Jar)
			continue
		}
		title += " + " + w.named(g.Dish)
	}
	return title
}

// loadJars counts the jars of a load, by their sizes.
func (w *planned) loadJars(i int, l *plan.Load) string {
	text := quantity.Jar(w.dishes[w.inDay[i]].Chosen.Process.Jar).Count(l.Jars)
	for _, g := range l.Guests {
		text += " + " + quantity.Jar(w.dishes[w.inDay[g.Dish]].Chosen.Process.Jar).Count(g.Jars)
	}
	return text
}

// ownTimes says what each jar of a load needs by itself, empty where they are all alike.
func (w *planned) ownTimes(i int, l *plan.Load) string {
	if len(l.Guests) == 0 {
		return ""
	}
	text := fmt.Sprintf("By themselves %s %d min", w.named(i), w.dishes[w.inDay[i]].Chosen.Process.Minutes)
	for _, g := range l.Guests {
		text += fmt.Sprintf(", %s %d min", w.named(g.Dish), w.dishes[w.inDay[g.Dish]].Chosen.Process.Minutes)
	}
	return text + "; together all have the longest."
}

// guests are the jars of other recipes in a load.
func (w *planned) guests(l *plan.Load) []guestView {
	var out []guestView
	for _, g := range l.Guests {
		out = append(out, guestView{w.dishes[w.inDay[g.Dish]].Stored.ID, w.named(g.Dish)})
	}
	return out
}

// longer is the way of a dish with the process of a load in which it stands with others.
func (w *planned) longer(i, n int) *plan.Option {
	o := *w.dishes[w.inDay[i]].Chosen
	o.Process = w.day.Joint(w.dayDishes(), i, n)
	return &o
}

// onStove is the link that puts a load on the stove, with all that goes in with it.
func (w *planned) onStove(i int, l *plan.Load) string {
	d := &w.dishes[w.inDay[i]]
	v := url.Values{"recipe": {strconv.FormatInt(d.Recipe.ID, 10)}, "way": {d.Chosen.Process.Key()},
		"jars": {strconv.Itoa(l.Jars)}}
	for _, g := range l.Guests {
		with := &w.dishes[w.inDay[g.Dish]]
		v.Add("with", app.Company{Recipe: with.Recipe.ID, Jars: g.Jars, Way: with.Chosen.Process.Key()}.String())
	}
	return "/stove/new?" + v.Encode()
}

// joinPlan puts the last jars of a dish into the last load of another, or takes them out again.
func (s *Pages) joinPlan(c *gin.Context) error {
	p, err := s.storedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	dish := func(field string) int {
		id, _ := strconv.ParseInt(c.Request.PostForm.Get(field), 10, 64)
		return slices.IndexFunc(p.Dishes, func(d store.PlanDish) bool { return id != 0 && d.ID == id })
	}
	guest, host := dish("guest"), dish("host")
	if guest < 0 || guest == host {
		s.Fail(c, http.StatusUnprocessableEntity, "There is no such recipe in this plan.",
			"Go back to the plan and choose again.")
		return nil
	}
	p.Dishes[guest].Joins = 0
	if host >= 0 {
		p.Dishes[guest].Joins = p.Dishes[host].ID
		p.Dishes[host].Joins = 0 // whose load it is goes in with no other
	}
	switch err := s.Store.SavePlan(c.Request.Context(), &p, kit.SeenOf(c)); {
	case errors.Is(err, store.ErrStale):
		s.Fail(c, http.StatusConflict, "Somebody else has changed this plan since you opened it.",
			"Look at the plan as it stands, and press again.")
		return nil
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, fmt.Sprintf("/plan/%d", p.ID))
	return nil
}

// otherJars are the ways of a dish in another size of jar, by the same method, pack and pressure: they may
// share a load.
func otherJars(d *app.Dish) []planOptionView {
	var out []planOptionView
	if d.Chosen == nil {
		return nil
	}
	is := &d.Chosen.Process
	for i := range d.Options {
		o := &d.Options[i]
		_, together := plan.Together(o.Process, *is)
		if together && o.Not == "" && o.Process.Jar != is.Jar && o.Canner == d.Chosen.Canner {
			out = append(out, planOptionView{Key: o.Process.Key(), Words: kit.JarPlural(o.Process.Jar)})
		}
	}
	return out
}

// fewJars is how many jars of another size a recipe begins with, to be changed at once.
const fewJars = 2
