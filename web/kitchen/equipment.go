package kitchen

import (
	"cmp"
	"errors"
	"fmt"
	"net/http"
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
	F                     cannerForm
	Kinds, Gauges, Stoves []kit.Choice
	Open                  bool
	Problem               string
	// Seen is the print of the canner that the form is made from.
	Seen string
}

type stockRow struct {
	Size, Label   string
	Regular, Wide string
}

// cannerForm is the form of a canner as it was typed.
type cannerForm struct {
	ID        string `form:"id"`
	Name      string `form:"name"`
	Kind      string `form:"kind"`
	Gauge     string `form:"gauge"`
	Layers    string `form:"layers"`
	Quarts    string `form:"quarts"`
	Pints     string `form:"pints"`
	HalfPints string `form:"halfpints"`
	Water     string `form:"water"`
	Vent      string `form:"vent"`
	Tested    string `form:"tested"`
	High      string `form:"high"`
	Gasket    string `form:"gasket"`
	Stove     string `form:"stove"`
	Rack      bool   `form:"rack"`
}

// formOf fills the form of a canner.
func formOf(x store.Canner) cannerView {
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
	v := cannerView{ID: x.ID, Seen: x.Mark(), Name: x.Name,
		F: cannerForm{Name: x.Name, Kind: x.Kind, Gauge: x.Gauge, Layers: n(x.Layers), Quarts: n(x.Quarts),
			Pints: n(x.Pints), HalfPints: n(x.HalfPints), Water: d(x.WaterQuarts), Vent: n(x.VentMinutes),
			Tested: x.TestedOn, High: d(x.ReadsHigh), Gasket: x.GasketOn, Stove: x.Stove, Rack: x.Rack}}
	v.choices()
	return v
}

func (v *cannerView) choices() {
	v.Kinds = kit.Chosen(v.F.Kind, canner.Pressure, "pressure canner", canner.Bath, "water-bath canner",
		canner.Steam, "atmospheric steam canner", canner.Electric, "automatic electric "+
			"canner", canner.NotOne, "multi-cooker, pressure saucepan, other")
	v.Gauges = kit.Chosen(v.F.Gauge, "", "none", canner.Dial, "dial", canner.Weighted, "weighted", canner.Both,
		"dial and weight")
	v.Stoves = kit.Chosen(v.F.Stove, "", "not said", "gas", "gas", "coil", "electric coil", "glass",
		"smooth glass top", "outdoor", "outdoor burner")
}

// viewCanners tells how each canner stands today.
func (s *Pages) viewCanners(k store.Kitchen) []cannerView {
	var out []cannerView
	today := s.Now()
	for _, x := range k.Canners {
		c := app.CannerOf(x)
		v := formOf(x)
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
	v := formOf(store.Canner{Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, HalfPints: 9,
		Layers: 1, Rack: true})
	v.F.Name, v.Seen = "", ""
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
		v := cannerView{ID: x.ID, Seen: kit.SeenOf(c), Name: x.Name, F: f, Open: true, Problem: what}
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
func (s *Pages) typedCanner(c *gin.Context, k store.Kitchen) (x store.Canner, f cannerForm, problem string) {
	kit.Typed(c, &f)
	x = store.Canner{Name: f.Name, Kind: f.Kind, Gauge: f.Gauge, TestedOn: f.Tested, GasketOn: f.Gasket,
		Stove: f.Stove, Rack: f.Rack}
	x.ID, _ = strconv.ParseInt(f.ID, 10, 64)
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
	if problem = cannerFigures(&x, &f); problem != "" {
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
func cannerFigures(x *store.Canner, f *cannerForm) string {
	for _, n := range []struct {
		typed string
		into  *int
	}{{f.Layers, &x.Layers}, {f.Quarts, &x.Quarts}, {f.Pints, &x.Pints}, {f.HalfPints, &x.HalfPints},
		{f.Vent, &x.VentMinutes}} {
		if n.typed == "" {
			continue
		}
		v, err := strconv.Atoi(n.typed)
		if err != nil || v < 0 || v > 200 {
			return "“" + n.typed + "” is no number of jars, layers or minutes."
		}
		*n.into = v
	}
	for _, n := range []struct {
		typed string
		into  *float64
	}{{f.Water, &x.WaterQuarts}, {f.High, &x.ReadsHigh}} {
		if n.typed == "" {
			continue
		}
		v, err := quantity.ParseFigure(n.typed)
		if err != nil || v < -20 || v > 60 {
			return "“" + n.typed + "” is no number of quarts or pounds."
		}
		*n.into = v
	}
	return ""
}

// cannerMeanwhile lays what somebody else made of a canner beside what was typed.
func (s *Pages) cannerMeanwhile(c *gin.Context, x store.Canner, f cannerForm) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	v := cannerView{ID: x.ID, Name: x.Name, F: f, Open: true,
		Problem: "Somebody else has changed this canner since you opened this page. Yours stands in the fields; " +
			"save again to put it in the place of theirs:"}
	for _, now := range k.Canners {
		if now.ID == x.ID {
			v.Seen = now.Mark()
			v.Problem += " “" + now.Name + "”, " + differing(formOf(now).F, f) + "."
		}
	}
	v.choices()
	return s.renderKitchen(c, http.StatusConflict, s.kitchenForm(k), &v)
}

// differing names the fields in which two forms of a canner are unlike, with what is stored.
func differing(stored, typed cannerForm) string {
	rack := func(has bool) string { return map[bool]string{true: "there", false: "none"}[has] }
	var out []string
	for _, of := range []struct{ what, was, now string }{
		{"name", stored.Name, typed.Name}, {"kind", stored.Kind, typed.Kind}, {"gauge", stored.Gauge, typed.Gauge},
		{"layers of pints", stored.Layers, typed.Layers}, {"quarts a layer", stored.Quarts, typed.Quarts},
		{"pints a layer", stored.Pints, typed.Pints}, {"half-pints a layer", stored.HalfPints, typed.HalfPints},
		{"water in quarts", stored.Water, typed.Water}, {"venting in minutes", stored.Vent, typed.Vent},
		{"gauge tested on", stored.Tested, typed.Tested}, {"psi too high", stored.High, typed.High},
		{"gasket new on", stored.Gasket, typed.Gasket}, {"stove", stored.Stove, typed.Stove},
		{"rack", rack(stored.Rack), rack(typed.Rack)},
	} {
		if of.now != of.was {
			out = append(out, of.what+" "+cmp.Or(of.was, "nothing"))
		}
	}
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
