package stove

import (
	"context"
	"errors"
	"fmt"
	"net/url"
	"strconv"
	"strings"

	"damson/app"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
)

// Jars of another recipe, or of another size, go into the canner with those of a load: one canner, one
// pressure, one pack, and the longer time.

// withView is what goes in with a load, in words and as the form hands it on.
type withView struct{ Value, Words string }

// viewCompany says what goes in with the load of an offer; what is no company any more is left to the form.
func (p *Pages) viewCompany(ctx context.Context, with []string) ([]withView, error) {
	var out []withView
	for _, text := range with[:min(len(with), app.MostCompany)] {
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
