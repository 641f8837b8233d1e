package web

import (
	"cmp"
	"errors"
	"fmt"
	"net/http"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/canner"
	"damson/core/quantity"
	"damson/store"
	"damson/web/kit"
)

// cannerView is a canner on the kitchen's page, with the form to change it.
type cannerView struct {
	ID                    int64
	Name, Words           string
	Marks                 []string
	Out                   bool
	F                     map[string]string
	Kinds, Gauges, Stoves []choice
	Rack                  bool
	Open                  bool
	Problem               string
	// Seen is the print of the canner that the form is made from.
	Seen string
}

type stockRow struct {
	Size, Label   string
	Regular, Wide string
}

func chosen(now string, pairs ...string) []choice {
	var out []choice
	for i := 0; i < len(pairs); i += 2 {
		out = append(out, choice{pairs[i], pairs[i+1], pairs[i] == now})
	}
	return out
}

// cannerForm fills the fields of a canner's form.
func cannerForm(x store.Canner) cannerView {
	n := func(v int) string {
		if v == 0 {
			return ""
		}
		return strconv.Itoa(v)
	}
	d := func(v float64) string {
		if v == 0 {
			return ""
		}
		return kit.Decimal(v)
	}
	v := cannerView{ID: x.ID, Seen: x.Mark(), Name: x.Name, Rack: x.Rack, F: map[string]string{"name": x.Name, "quarts": n(x.Quarts), "pints": n(x.Pints), "halfpints": n(x.HalfPints), "layers": n(x.Layers), "water": d(x.WaterQuarts),
		"vent": n(x.VentMinutes), "tested": x.TestedOn, "high": d(x.ReadsHigh), "gasket": x.GasketOn, "kind": x.Kind, "gauge": x.Gauge, "stove": x.Stove}}
	v.choices()
	return v
}

func (v *cannerView) choices() {
	v.Kinds = chosen(v.F["kind"], canner.Pressure, "pressure canner", canner.Bath, "water-bath canner", canner.Steam, "atmospheric steam canner", canner.Electric, "automatic electric canner", canner.NotOne, "multi-cooker, pressure saucepan, other")
	v.Gauges = chosen(v.F["gauge"], "", "none", canner.Dial, "dial", canner.Weighted, "weighted", canner.Both, "dial and weight")
	v.Stoves = chosen(v.F["stove"], "", "not said", "gas", "gas", "coil", "electric coil", "glass", "smooth glass top", "outdoor", "outdoor burner")
}

// viewCanners tells how each canner stands today.
func viewCanners(k store.Kitchen) []cannerView {
	var out []cannerView
	today := kit.Now()
	for _, x := range k.Canners {
		c := cannerOf(x)
		v := cannerForm(x)
		v.Words = fmt.Sprintf("%d quarts, %d pints, %d half-pints", c.Holds(quantity.QuartJar, false), c.Holds(quantity.PintJar, false), c.Holds(quantity.HalfPint, false))
		if c.Kind == canner.Pressure {
			v.Words += ", goes by its " + map[string]string{canner.Dial: "dial", canner.Weighted: "weight"}[c.Governs()]
			if c.Governs() == canner.Dial && c.ReadsHigh != 0 {
				if set, why, err := c.Set(11); err == nil {
					v.Words += fmt.Sprintf("; for 11 psi hold %s: %s", kit.Decimal(set), why)
				}
			}
		}
		for _, p := range c.Check(today) {
			v.Marks = append(v.Marks, p.What)
			v.Out = v.Out || p.Refused
		}
		out = append(out, v)
	}
	return out
}

// newCanner is the empty form.
func newCanner() cannerView {
	v := cannerForm(store.Canner{Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true})
	v.F["name"], v.Seen = "", ""
	return v
}

func (s *Server) saveCanner(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	f := kit.Typed(c, "id", "name", "kind", "gauge", "quarts", "pints", "halfpints", "layers", "water", "vent", "tested", "high", "gasket", "stove", "rack")
	x := store.Canner{Name: f["name"], Kind: f["kind"], Gauge: f["gauge"], TestedOn: f["tested"], GasketOn: f["gasket"], Stove: f["stove"], Rack: f["rack"] != ""}
	x.ID, _ = strconv.ParseInt(f["id"], 10, 64)
	refuse := func(what string) error {
		v := cannerView{ID: x.ID, Seen: kit.SeenOf(c), Name: x.Name, F: f, Rack: x.Rack, Open: true, Problem: what}
		v.choices()
		return s.renderKitchen(c, http.StatusUnprocessableEntity, s.kitchenForm(k), &v)
	}
	if k.ID == 0 {
		return refuse("Say first where the kitchen is: name and elevation.")
	}
	if x.ID != 0 && !k.HasCanner(x.ID) {
		x.ID = 0
		return refuse("This canner is no longer in the kitchen; add it anew.")
	}
	if x.Name == "" {
		return refuse("What is the canner called? Any name will do.")
	}
	for _, d := range []string{x.TestedOn, x.GasketOn} {
		if _, ok := dayTyped(d); !ok {
			return refuse("A day is written like 2026-11-25, or left empty.")
		}
	}
	for _, n := range []struct {
		name string
		into *int
	}{{"quarts", &x.Quarts}, {"pints", &x.Pints}, {"halfpints", &x.HalfPints}, {"layers", &x.Layers}, {"vent", &x.VentMinutes}} {
		if f[n.name] == "" {
			continue
		}
		v, err := strconv.Atoi(f[n.name])
		if err != nil || v < 0 || v > 200 {
			return refuse("“" + f[n.name] + "” is no number of jars, layers or minutes.")
		}
		*n.into = v
	}
	for _, n := range []struct {
		name string
		into *float64
	}{{"water", &x.WaterQuarts}, {"high", &x.ReadsHigh}} {
		if f[n.name] == "" {
			continue
		}
		v, err := quantity.ParseFigure(f[n.name])
		if err != nil || v < -20 || v > 60 {
			return refuse("“" + f[n.name] + "” is no number of quarts or pounds.")
		}
		*n.into = v
	}
	if x.Kind != canner.Pressure {
		x.Gauge, x.ReadsHigh, x.TestedOn = "", 0, ""
	}
	if x.Kind != canner.Electric {
		for _, p := range cannerOf(x).Check(kit.Now()) {
			if p.Refused && p.Field != "gauge" || p.Refused && x.Gauge == "" {
				return refuse(p.What)
			}
		}
	}
	at, err := s.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/kitchen?saved=1#canners", tx.SaveCanner(ctx, &x, kit.SeenOf(c))
	})
	switch {
	case errors.Is(err, store.ErrStale):
		if k, err = s.Kitchen(ctx); err != nil {
			return err
		}
		v := cannerView{ID: x.ID, Name: x.Name, F: f, Rack: x.Rack, Open: true, Problem: "Somebody else has changed this canner since you opened this page. Yours stands in the fields; save again to put it in the place of theirs:"}
		for _, now := range k.Canners {
			if now.ID == x.ID {
				v.Seen = now.Mark()
				v.Problem += " “" + now.Name + "”, " + differing(cannerForm(now).F, f) + "."
			}
		}
		v.choices()
		if err := s.renderKitchen(c, http.StatusConflict, s.kitchenForm(k), &v); err != nil {
			return err
		}
	case errors.Is(err, store.ErrNotFound):
		x.ID = 0
		if err := refuse("This canner was taken out of the kitchen while you changed it; save it to add it anew."); err != nil {
			return err
		}
	case err != nil:
		return err
	default:
		s.reviews.forget()
		c.Redirect(http.StatusSeeOther, at)
	}
	return nil
}

// fieldWords are the fields of a canner's form in words, with their units.
var fieldWords = map[string]string{"quarts": "quarts a layer", "pints": "pints a layer", "halfpints": "half-pints a layer", "layers": "layers of pints", "water": "water in quarts", "vent": "venting in minutes",
	"tested": "gauge tested on", "high": "psi too high", "gasket": "gasket new on"}

// differing names the fields in which two forms of a canner are unlike.
func differing(stored, typed map[string]string) string {
	var out []string
	for name, was := range stored {
		if now, has := typed[name]; has && now != was {
			if was == "" {
				was = "nothing"
			}
			out = append(out, cmp.Or(fieldWords[name], name)+" "+was)
		}
	}
	sort.Strings(out)
	if len(out) == 0 {
		return "as you have it"
	}
	return "with " + strings.Join(out, ", ")
}

func (s *Server) deleteCanner(c *gin.Context) error {
	return s.remove(c, store.KindCanner)
}

// saveStock stores jars, lids and burners.
func (s *Server) saveStock(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	count := func(name string, most int) (int, bool) {
		text := kit.Cut(c.Request.PostForm.Get(name), 12)
		if text == "" {
			return 0, true
		}
		n, err := strconv.Atoi(text)
		return n, err == nil && n >= 0 && n <= most
	}
	f := s.kitchenForm(k)
	status := http.StatusUnprocessableEntity
	refuse := func(what string) error {
		f.StockProblem, f.Stock = what, viewStock(nil)
		f.Burners, f.LidsRegular, f.LidsWide = kit.Cut(c.Request.PostForm.Get("burners"), 12), kit.Cut(c.Request.PostForm.Get("lidsregular"), 12), kit.Cut(c.Request.PostForm.Get("lidswide"), 12)
		for i := range f.Stock {
			f.Stock[i].Regular, f.Stock[i].Wide = kit.Cut(c.Request.PostForm.Get("r"+f.Stock[i].Size), 12), kit.Cut(c.Request.PostForm.Get("w"+f.Stock[i].Size), 12)
		}
		return s.renderKitchen(c, status, f, nil)
	}
	if k.ID == 0 {
		return refuse("Say first where the kitchen is: name and elevation.")
	}
	var list []store.JarStock
	for _, j := range quantity.Jars {
		for _, wide := range []bool{false, true} {
			name := "r" + string(j)
			if wide {
				name = "w" + string(j)
			}
			n, ok := count(name, 5000)
			if !ok {
				return refuse("How many " + j.Plural() + "? A whole number, or nothing.")
			}
			if n > 0 {
				list = append(list, store.JarStock{Size: string(j), Wide: wide, Count: n})
			}
		}
	}
	burners, ok1 := count("burners", 12)
	regular, ok2 := count("lidsregular", 20000)
	wide, ok3 := count("lidswide", 20000)
	if !ok1 || burners < 1 || !ok2 || !ok3 {
		return refuse("Burners are 1 to 12, lids a whole number or nothing.")
	}
	err = s.store.SaveStock(ctx, burners, regular, wide, list, kit.SeenOf(c))
	if errors.Is(err, store.ErrStale) {
		status = http.StatusConflict
		return s.stockMeanwhile(c, refuse, &f)
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, "/kitchen?saved=1#stock")
	return nil
}

// stockMeanwhile tells what somebody else stored, beside what was typed.
func (s *Server) stockMeanwhile(c *gin.Context, refuse func(string) error, f *kitchenForm) error {
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	jars, err := s.store.JarStocks(ctx)
	if err != nil {
		return err
	}
	stands := fmt.Sprintf("%d burners, %d regular and %d wide lids", k.Burners, k.LidsRegular, k.LidsWide)
	for _, row := range viewStock(jars) {
		if row.Regular != "" {
			stands += ", " + row.Regular + " regular " + row.Label
		}
		if row.Wide != "" {
			stands += ", " + row.Wide + " wide " + row.Label
		}
	}
	f.StockSeen = k.StockMark(jars)
	return refuse("Somebody else has counted anew since you opened this page: " + stands + ". Yours stands in the fields; save again to put it in the place of theirs.")
}

// viewStock is the jars of the kitchen, a row a size.
func viewStock(list []store.JarStock) []stockRow {
	var out []stockRow
	for _, j := range quantity.Jars {
		r := stockRow{Size: string(j), Label: j.Plural()}
		for _, x := range list {
			if x.Size != string(j) {
				continue
			}
			if x.Wide {
				r.Wide = strconv.Itoa(x.Count)
			} else {
				r.Regular = strconv.Itoa(x.Count)
			}
		}
		out = append(out, r)
	}
	return out
}
