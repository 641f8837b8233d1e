package stove

import (
	"context"
	"errors"
	"fmt"
	"net/url"
	"slices"
	"strconv"
	"strings"

	"damson/app"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
)

// Jars of another recipe, or of another size, go into the canner with those of a load: one canner, one
// pressure, one pack, and the longer time.

// mostCompany is how many others go in with a load.
const mostCompany = 5

// withView is what goes in with a load, in words and as the form hands it on.
type withView struct{ Value, Words string }

// errCompany says why jars do not go in with a load.
type errCompany string

func (e errCompany) Error() string { return string(e) }

// party is a load with what is to go in with it.
type party struct {
	run   *store.Run
	offer *app.Offer
	way   *plan.Option
	with  []string
	wide  bool
}

// together adds to a run what goes in with it, or says as errCompany why it does not.
func (p *Pages) together(ctx context.Context, in party) error {
	if len(in.with) > mostCompany {
		return errCompany(fmt.Sprintf("At most %d other recipes go in with a load.", mostCompany))
	}
	r, x, wide := in.run, in.way, in.wide
	can, jar := &in.offer.Canners[x.Canner], quantity.Jar(r.Jar)
	own, holds := r.Minutes, can.Holds(jar, wide)
	for _, text := range in.with {
		c, ok := app.CompanyOf(text)
		if !ok {
			return errCompany("What goes in with this load is not known any more. Go back to the plan, put it on from there.")
		}
		other, err := p.offer.Offer(ctx, c.Recipe, c.Jars, wide)
		if errors.Is(err, store.ErrNotFound) {
			return errCompany("A recipe that was to go in with it is not on the desk any more.")
		}
		if err != nil {
			return err
		}
		part, why := fits(x, &other, c)
		if why != "" {
			return errCompany(why)
		}
		holds = min(holds, can.Room(jar, quantity.Jar(part.Jar), wide))
		r.Parts = append(r.Parts, part)
		r.Minutes = max(r.Minutes, part.Minutes)
	}
	if r.Minutes > own {
		r.OwnMinutes = own
	}
	if n := r.Load().Jars; n > holds {
		return errCompany(fmt.Sprintf("%d jars of these sizes do not go into %s at once: it takes %d.", n, r.Canner, holds))
	}
	return nil
}

// fits returns the part of a load that another recipe is, or why it is none.
func fits(x *plan.Option, o *app.Offer, c app.Company) (part store.RunPart, why string) {
	if o.Missing != "" {
		return part, o.Recipe.Title + ": " + o.Missing
	}
	i := slices.IndexFunc(o.Options, func(y plan.Option) bool { return y.Not == "" && y.Process.Key() == c.Way })
	if i < 0 {
		return part, o.Recipe.Title + " cannot be done that way in this kitchen any more."
	}
	y := &o.Options[i]
	if _, ok := plan.Together(x.Process, y.Process); !ok || x.Canner != y.Canner {
		return part, o.Recipe.Title + " does not go into the same canner: another pressure, method or pack."
	}
	q := runOf(o, y, c.Jars)
	return q.Inside()[0], ""
}

// viewCompany says what goes in with the load of an offer; what is no company any more is left to the form.
func (p *Pages) viewCompany(ctx context.Context, with []string) ([]withView, error) {
	var out []withView
	for _, text := range with[:min(len(with), mostCompany)] {
		c, ok := app.CompanyOf(text)
		if !ok {
			continue
		}
		o, err := p.offer.Offer(ctx, c.Recipe, c.Jars, false)
		if errors.Is(err, store.ErrNotFound) {
			continue
		}
		if err != nil {
			return nil, err
		}
		words := fmt.Sprintf("%d jars of %s", c.Jars, o.Recipe.Title)
		for i := range o.Options {
			if q := &o.Options[i].Process; q.Key() == c.Way {
				words = fmt.Sprintf("%s of %s, which need %d min by themselves", quantity.Jar(q.Jar).Count(c.Jars),
					o.Recipe.Title, q.Minutes)
			}
		}
		out = append(out, withView{text, words})
	}
	return out, nil
}

// titleOf names all that is in a canner.
func titleOf(r *store.Run) string {
	title := r.Title
	for _, part := range r.Parts {
		if part.Title != r.Title {
			title += " + " + part.Title
		}
	}
	return title
}

// jarsOf counts all the jars in a canner, by their sizes.
func jarsOf(r *store.Run) string {
	var out []string
	for _, part := range r.Inside() {
		out = append(out, quantity.Jar(part.Jar).Count(part.Jars))
	}
	return strings.Join(out, " + ")
}

// ownTimes says what each jar needs by itself, where jars with different times stand together.
func ownTimes(r *store.Run) string {
	if len(r.Parts) == 0 {
		return ""
	}
	var out []string
	for _, part := range r.Inside() {
		out = append(out, fmt.Sprintf("%s, %s: %d min", part.Title, quantity.Jar(part.Jar).Plural(), part.Minutes))
	}
	return "By themselves " + strings.Join(out, "; ") + ". Together all have the longest."
}

// onceMore is the link by which the jars have the whole process again, so many of each part.
func onceMore(r *store.Run, jars []int) string {
	v := url.Values{}
	for i, part := range r.Inside() {
		if jars[i] == 0 {
			continue
		}
		way := procedure.Process{Method: r.Method, Gauge: r.Gauge, Jar: part.Jar, Pack: part.Pack, PSI: r.PSI}.Key()
		if v.Get("recipe") == "" {
			v.Set("recipe", strconv.FormatInt(part.RecipeID, 10))
			v.Set("way", way)
			v.Set("jars", strconv.Itoa(jars[i]))
			continue
		}
		v.Add("with", app.Company{Recipe: part.RecipeID, Jars: jars[i], Way: way}.String())
	}
	return "/stove/new?" + v.Encode()
}
