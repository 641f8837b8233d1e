package kitchen

import (
	"cmp"
	"errors"
	"fmt"
	"net/http"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/app"
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
	Kinds, Gauges, Stoves []kit.Choice
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
	v := cannerView{ID: x.ID, Seen: x.Mark(), Name: x.Name, Rack: x.Rack,
		F: map[string]string{"name": x.Name, "quarts": n(x.Quarts), "pints": n(x.Pints), "halfpints": n(x.HalfPints),
			"layers": n(x.Layers), "water": d(x.WaterQuarts),
			"vent": n(x.VentMinutes), "tested": x.TestedOn, "high": d(x.ReadsHigh), "gasket": x.GasketOn,
			"kind": x.Kind, "gauge": x.Gauge, "stove": x.Stove}}
	v.choices()
	return v
}

func (v *cannerView) choices() {
	v.Kinds = kit.Chosen(v.F["kind"], canner.Pressure, "pressure canner", canner.Bath, "water-bath canner",
		canner.Steam, "atmospheric steam canner", canner.Electric, "automatic electric "+
			"canner", canner.NotOne, "multi-cooker, pressure saucepan, other")
	v.Gauges = kit.Chosen(v.F["gauge"], "", "none", canner.Dial, "dial", canner.Weighted, "weighted", canner.Both,
		"dial and weight")
	v.Stoves = kit.Chosen(v.F["stove"], "", "not said", "gas", "gas", "coil", "electric coil", "glass",
		"smooth glass top", "outdoor", "outdoor burner")
}

// viewCanners tells how each canner stands today.
func (s *Pages) viewCanners(k store.Kitchen) []cannerView {
	var out []cannerView
	today := s.Now()
	for _, x := range k.Canners {
		c := app.CannerOf(x)
		v := cannerForm(x)
		v.Words = fmt.Sprintf("%d quarts, %d pints, %d half-pints", c.Holds(quantity.QuartJar, false),
			c.Holds(quantity.PintJar, false), c.Holds(quantity.HalfPint, false))
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
	v := cannerForm(store.Canner{Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, HalfPints: 9,
		Layers: 1, Rack: true})
	v.F["name"], v.Seen = "", ""
	return v
}

func (s *Pages) saveCanner(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	x, f, problem := s.typedCanner(c, k)
	refuse := func(what string) error {
		v := cannerView{ID: x.ID, Seen: kit.SeenOf(c), Name: x.Name, F: f, Rack: x.Rack, Open: true, Problem: what}
		v.choices()
		return s.renderKitchen(c, http.StatusUnprocessableEntity, s.kitchenForm(k), &v)
	}
	if problem != "" {
		return refuse(problem)
	}
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/kitchen?saved=1#canners", tx.SaveCanner(ctx, &x, kit.SeenOf(c))
	})
	switch {
	case errors.Is(err, store.ErrStale):
		return s.cannerMeanwhile(c, x, f)
	case errors.Is(err, store.ErrNotFound):
		x.ID = 0
		return refuse("This canner was taken out of the kitchen while you changed it; save it to add it anew.")
	case err != nil:
		return err
	}
	s.Reviews.Forget()
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// typedCanner is the canner of the posted form with its fields as they were typed, or what is wrong with them.
func (s *Pages) typedCanner(c *gin.Context, k store.Kitchen) (x store.Canner, f map[string]string, problem string) {
	f = kit.Typed(c, "id", "name", "kind", "gauge", "quarts", "pints", "halfpints", "layers", "water", "vent",
		"tested", "high", "gasket", "stove", "rack")
	x = store.Canner{Name: f["name"], Kind: f["kind"], Gauge: f["gauge"], TestedOn: f["tested"],
		GasketOn: f["gasket"], Stove: f["stove"], Rack: f["rack"] != ""}
	x.ID, _ = strconv.ParseInt(f["id"], 10, 64)
	switch {
	case k.ID == 0:
		return x, f, "Say first where the kitchen is: name and elevation."
	case x.ID != 0 && !k.HasCanner(x.ID):
		x.ID = 0
		return x, f, "This canner is no longer in the kitchen; add it anew."
	case x.Name == "":
		return x, f, "What is the canner called? Any name will do."
	}
	for _, d := range []string{x.TestedOn, x.GasketOn} {
		if _, ok := s.DayTyped(d); !ok {
			return x, f, "A day is written like 2026-11-25, or left empty."
		}
	}
	if problem = cannerFigures(&x, f); problem != "" {
		return x, f, problem
	}
	if x.Kind != canner.Pressure {
		x.Gauge, x.ReadsHigh, x.TestedOn = "", 0, ""
	}
	if x.Kind == canner.Electric {
		return x, f, ""
	}
	for _, p := range app.CannerOf(x).Check(s.Now()) {
		if p.Refused && (p.Field != "gauge" || x.Gauge == "") {
			return x, f, p.What
		}
	}
	return x, f, ""
}

// cannerFigures reads the figures of a canner's form, or says which is none.
func cannerFigures(x *store.Canner, f map[string]string) string {
	for name, into := range map[string]*int{"quarts": &x.Quarts, "pints": &x.Pints, "halfpints": &x.HalfPints,
		"layers": &x.Layers, "vent": &x.VentMinutes} {
		if f[name] == "" {
			continue
		}
		v, err := strconv.Atoi(f[name])
		if err != nil || v < 0 || v > 200 {
			return "“" + f[name] + "” is no number of jars, layers or minutes."
		}
		*into = v
	}
	for name, into := range map[string]*float64{"water": &x.WaterQuarts, "high": &x.ReadsHigh} {
		if f[name] == "" {
			continue
		}
		v, err := quantity.ParseFigure(f[name])
		if err != nil || v < -20 || v > 60 {
			return "“" + f[name] + "” is no number of quarts or pounds."
		}
		*into = v
	}
	return ""
}

// cannerMeanwhile lays what somebody else made of a canner beside what was typed.
func (s *Pages) cannerMeanwhile(c *gin.Context, x store.Canner, f map[string]string) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	v := cannerView{ID: x.ID, Name: x.Name, F: f, Rack: x.Rack, Open: true,
		Problem: "Somebody else has changed this canner since you opened this page. Yours stands in the fields; " +
			"save again to put it in the place of theirs:"}
	for _, now := range k.Canners {
		if now.ID == x.ID {
			v.Seen = now.Mark()
			v.Problem += " “" + now.Name + "”, " + differing(cannerForm(now).F, f) + "."
		}
	}
	v.choices()
	return s.renderKitchen(c, http.StatusConflict, s.kitchenForm(k), &v)
}

// fieldWords are the fields of a canner's form in words, with their units.
var fieldWords = map[string]string{"quarts": "quarts a layer", "pints": "pints a layer",
	"halfpints": "half-pints a layer", "layers": "layers of pints", "water": "water in quarts", "vent": "venting in " +
		"minutes",
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

func (s *Pages) deleteCanner(c *gin.Context) error {
	return s.Remove(c, store.KindCanner, s.Gone)
}

// saveStock stores jars, lids and burners.
func (s *Pages) saveStock(c *gin.Context) error {
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
		typed := func(name string) string { return kit.Cut(c.Request.PostForm.Get(name), 12) }
		f.Burners, f.LidsRegular, f.LidsWide = typed("burners"), typed("lidsregular"), typed("lidswide")
		for i := range f.Stock {
			f.Stock[i].Regular, f.Stock[i].Wide = typed("r"+f.Stock[i].Size), typed("w"+f.Stock[i].Size)
		}
		return s.renderKitchen(c, status, f, nil)
	}
	if k.ID == 0 {
		return refuse("Say first where the kitchen is: name and elevation.")
	}
	list, wrong := stockTyped(count)
	if wrong != "" {
		return refuse(wrong)
	}
	burners, ok1 := count("burners", 12)
	regular, ok2 := count("lidsregular", 20000)
	wide, ok3 := count("lidswide", 20000)
	if !ok1 || burners < 1 || !ok2 || !ok3 {
		return refuse("Burners are 1 to 12, lids a whole number or nothing.")
	}
	err = s.Store.SaveStock(ctx, burners, regular, wide, list, kit.SeenOf(c))
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

// stockTyped are the jars of the posted form, or what is wrong with them.
func stockTyped(count func(name string, most int) (int, bool)) (list []store.JarStock, wrong string) {
	for _, j := range quantity.Jars {
		for _, wide := range []bool{false, true} {
			name := "r" + string(j)
			if wide {
				name = "w" + string(j)
			}
			n, ok := count(name, 5000)
			if !ok {
				return nil, "How many " + j.Plural() + "? A whole number, or nothing."
			}
			if n > 0 {
				list = append(list, store.JarStock{Size: string(j), Wide: wide, Count: n})
			}
		}
	}
	return list, ""
}

// stockMeanwhile tells what somebody else stored, beside what was typed.
func (s *Pages) stockMeanwhile(c *gin.Context, refuse func(string) error, f *kitchenForm) error {
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	jars, err := s.Store.JarStocks(ctx)
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
	return refuse("Somebody else has counted anew since you opened this page: " + stands +
		". Yours stands in the fields; save again to put it in the place of theirs.")
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
