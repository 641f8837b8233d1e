package plan

import (
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/plan"
	"damson/core/quantity"
	"damson/store"
	"damson/web/kit"
)

// What a jar costs: prices are typed once, beside what is to be bought, and hold for every plan.

// costView is what the jars of a day cost, and the prices that it rests on.
type costView struct {
	ID             int64
	Sign           string
	Lines          []costLine
	Things         []priceField
	Saved, Problem string
}

type costLine struct{ Title, Jar, Parts string }

// priceField is a thing with its price; N tells its fields from those of the others.
type priceField struct {
	N                               int
	Thing, Words, Need, Money, Cost string
	Units                           []priceUnit
}

type priceUnit struct {
	Key, Words string
	Chosen     bool
}

// unitsOf are what the price of a thing is for, as shops have it.
func unitsOf(thing string) []priceUnit {
	switch thing {
	case store.PriceOfLid:
		return []priceUnit{{Key: "each", Words: "each"}}
	case store.PriceOfEnergy:
		return []priceUnit{{Key: "kwh", Words: "a kilowatt-hour"}}
	case store.Money:
		return nil
	}
	return []priceUnit{{Key: "lb", Words: "a pound"}, {Key: "kg", Words: "a kilogram"}, {Key: "oz", Words: "an ounce"},
		{Key: "quart", Words: "a quart"}, {Key: "l", Words: "a litre"}, {Key: "cup", Words: "a cup"},
		{Key: "each", Words: "each"}, {Key: "package", Words: "a package"}, {Key: "bunch", Words: "a bunch"},
		{Key: "head", Words: "a head"}}
}

// signOf is how the kitchen writes its money.
func signOf(prices map[string]store.Price) string {
	if p, ok := prices[store.Money]; ok {
		return p.Unit
	}
	return "$"
}

func money(sign string, v float64) string { return fmt.Sprintf("%s%.2f", sign, v) }

// goods are what the dishes of a day buy, each thing once, in the order of the recipes.
type goods struct {
	order []string
	words map[string]string
	need  map[string][]string
	cost  map[string]float64
}

func (g *goods) add(thing, words, need string) {
	if _, have := g.words[thing]; !have {
		g.order = append(g.order, thing)
		g.words[thing] = words
	}
	if need != "" {
		g.need[thing] = append(g.need[thing], need)
	}
}

// costs works out what the jars of each dish cost by the prices.
func (s *Pages) costs(w *planned, prices map[string]store.Price) costView {
	v := costView{ID: w.plan.ID, Sign: signOf(prices)}
	g := &goods{words: map[string]string{}, need: map[string][]string{}, cost: map[string]float64{}}
	for i, k := range w.inDay {
		d := &w.dishes[k]
		c := s.costOf(w, i, prices, g)
		line := costLine{Title: w.named(i)}
		if c.Priced > 0 || c.Lids > 0 || c.Energy > 0 {
			line.Jar = "about " + money(v.Sign, c.Jar(d.Stored.Jars)) + " a jar"
		}
		line.Parts = fmt.Sprintf("food %s, lids %s, heat %s for %d jars; %d of %d things have a price",
			money(v.Sign, c.Food), money(v.Sign, c.Lids), money(v.Sign, c.Energy), d.Stored.Jars, c.Priced, c.All)
		v.Lines = append(v.Lines, line)
	}
	g.add(store.PriceOfLid, "new lids", "")
	g.add(store.PriceOfEnergy, "heat of the canner, at the burner", "")
	for n, thing := range g.order {
		v.Things = append(v.Things, g.field(n, thing, v.Sign, prices))
	}
	return v
}

// field is the row of a thing.
func (g *goods) field(n int, thing, sign string, prices map[string]store.Price) priceField {
	need := strings.Join(g.need[thing], " + ")
	f := priceField{N: n, Thing: thing, Words: g.words[thing], Need: need, Units: unitsOf(thing)}
	p, known := prices[thing]
	if known {
		f.Money = strconv.FormatFloat(p.Money, 'f', -1, 64)
		f.Cost = "a price that does not convert"
		if c, ok := g.cost[thing]; ok {
			f.Cost = money(sign, c)
		}
	}
	for i := range f.Units {
		f.Units[i].Chosen = known && f.Units[i].Key == p.Unit
	}
	return f
}

// costOf is what dish i of the day costs; what it buys goes to the goods.
func (s *Pages) costOf(w *planned, i int, prices map[string]store.Price, g *goods) plan.Cost {
	d := &w.dishes[w.inDay[i]]
	items := s.Shelves.Now().Lib.Plan.Shop(d.Result, quantity.Jar(d.Chosen.Process.Jar), d.Stored.Jars, d.Factor)
	for k := range items {
		if thing := items[k].Thing(); thing != "" {
			g.add(thing, items[k].Food, items[k].Kitchen)
		}
	}
	known := plan.Prices{Of: map[string]plan.Price{}}
	known.Lid, known.KWh = prices[store.PriceOfLid].Money, prices[store.PriceOfEnergy].Money
	for thing, p := range prices {
		known.Of[thing] = plan.Price{Money: p.Money, Unit: quantity.Unit(p.Unit)}
	}
	c, each := known.Cost(items, d.Stored.Jars, w.day.Burnt(i, d.Chosen.Heat()))
	for thing, cost := range each {
		g.cost[thing] += cost
	}
	g.cost[store.PriceOfLid] += c.Lids
	g.cost[store.PriceOfEnergy] += c.Energy
	return c
}

const (
	mostPrices = 2000
	mostMoney  = 10000
)

// savePrices keeps what was typed beside what is to be bought; an empty price is forgotten.
func (s *Pages) savePrices(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	f := c.Request.PostForm
	var list []store.Price
	for n := range mostPrices {
		i := strconv.Itoa(n)
		thing := kit.Cut(f.Get("thing"+i), 120)
		if thing == "" {
			break
		}
		typed, unit := kit.Cut(f.Get("money"+i), 12), kit.Cut(f.Get("unit"+i), 12)
		if typed == "" {
			list = append(list, store.Price{Thing: thing})
			continue
		}
		v, err := quantity.ParseFigure(typed)
		if err != nil || v < 0 || v > mostMoney || !isUnitOf(thing, unit) {
			return s.renderQuantities(c, http.StatusUnprocessableEntity, w,
				"“"+typed+"” is no price. Type it like 1.29, and choose what it is for.")
		}
		list = append(list, store.Price{Thing: thing, Money: v, Unit: unit})
	}
	if sign := kit.Cut(f.Get("sign"), 8); sign != "" {
		list = append(list, store.Price{Thing: store.Money, Unit: sign})
	}
	if err := s.Store.SavePrices(c.Request.Context(), list); err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, fmt.Sprintf("/plan/%d/quantities?priced=yes#costs", w.plan.ID))
	return nil
}

func isUnitOf(thing, unit string) bool {
	return slices.ContainsFunc(unitsOf(thing), func(u priceUnit) bool { return u.Key == unit })
}

// typedAgain puts what was typed back into the fields that were refused.
func (v *costView) typedAgain(c *gin.Context) {
	for i := range v.Things {
		n := strconv.Itoa(v.Things[i].N)
		v.Things[i].Money = kit.Cut(c.Request.PostForm.Get("money"+n), 12)
		for k := range v.Things[i].Units {
			u := &v.Things[i].Units[k]
			u.Chosen = u.Key == c.Request.PostForm.Get("unit"+n)
		}
	}
}
