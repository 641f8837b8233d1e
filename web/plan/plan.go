package plan

import (
	"context"
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/canner"
	"damson/core/plan"
	"damson/core/quantity"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/draw"
	"damson/web/kit"
)

var noPlan = &kit.Absent{What: "There is no such plan.", WayOut: "The Plan page lists them."}

// planned is a stored plan worked out: its dishes, the day, what is wrong.
type planned struct {
	plan    store.Plan
	kitchen store.Kitchen
	place   plan.Kitchen
	dishes  []app.Dish
	// day is nil where a dish stands in the way; Problem says which.
	day      *plan.Day
	problem  string
	zero     time.Time
	clashes  []plan.Conflict
	inDay    []int // place in day.Loads → place in dishes
	problems []canner.Problem
	// seen is the print of the plan that the page's form is made from.
	seen string
}

const (
	maxPlanJars = 200
	planLimit   = 50
	maxPlanDays = 3
	// maxPieces is room for the names of all the work that may run on as one.
	maxPieces = 4000
)

// workOut plans a stored plan.
func (s *Pages) workOut(ctx context.Context, p store.Plan) (*planned, error) {
	k, err := s.Kitchen(ctx)
	if err != nil {
		return nil, err
	}
	w := &planned{seen: p.Mark(), plan: p, kitchen: k}
	var canners []plan.Canner
	if canners, w.problems, err = s.Days.Canners(ctx, k, s.Now()); err != nil {
		return nil, err
	}
	w.place = plan.Kitchen{Canners: canners, Burners: max(k.Burners, 1), Hands: p.Hands}
	var dishes []plan.Dish
	for _, x := range p.Dishes {
		d, err := s.Days.Dish(ctx, x, k, canners)
		if err != nil {
			return nil, err
		}
		w.dishes = append(w.dishes, d)
		if d.Missing == "" {
			w.inDay = append(w.inDay, len(w.dishes)-1)
			dishes = append(dishes, d.Dish)
		}
	}
	if len(dishes) == 0 {
		w.problem = "There is nothing to plan: a plan is made of recipes that are clear."
		return w, nil
	}
	w.joins(dishes)
	w.day, err = s.Shelves.Now().Lib.Plan.Plan(w.place, dishes)
	if err != nil {
		w.day, w.problem = nil, words.Capital(err.Error())+"."
		return w, nil
	}
	for _, m := range p.Moves {
		w.day.Move(m.Piece, m.Minutes)
	}
	w.clashes = w.day.Conflicts(w.place)
	at, err := time.ParseInLocation(kit.DayLayout+" "+kit.ClockLayout, p.OnDay+" "+p.Clock, time.Local)
	if err != nil {
		at = s.Now()
	}
	w.zero = at
	if p.Done {
		w.zero = at.Add(-time.Duration(w.day.Ends) * time.Minute)
	}
	return w, nil
}

// at turns minutes of the day's work into a time.
func (w *planned) at(minutes int) time.Time { return w.zero.Add(time.Duration(minutes) * time.Minute) }

// plansView is the list of plans, and the form of a new one.
type plansView struct {
	Plans   []planLine
	Recipes []planChoice
	Others  []planChoice
	Day     string
	Clock   string
	Done    bool
	Hands   string
	Problem string
}

type planLine struct {
	ID          int64
	Day, Dishes string
}

type planChoice struct {
	ID      int64
	Title   string
	Jars    int
	Words   string
	Chosen  bool
	Verdict kit.Verdict
}

func (s *Pages) showPlans(c *gin.Context) error { return s.renderPlans(c, http.StatusOK, "") }

func (s *Pages) renderPlans(c *gin.Context, status int, problem string) error {
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	field := func(name, usual string) string {
		if v := kit.Cut(c.Request.PostForm.Get(name), 20); v != "" {
			return v
		}
		return usual
	}
	v := plansView{Problem: problem, Day: field("day", s.Now().AddDate(0, 0, 1).Format(kit.DayLayout)),
		Clock: field("clock", "17:00"), Done: field("mode", "done") == "done", Hands: field("hands", "1")}
	list, err := s.Store.Plans(ctx, planLimit)
	if err != nil {
		return err
	}
	recipes, err := s.Store.Recipes(ctx, "", 0, app.Newest)
	if err != nil {
		return err
	}
	recipes, err = s.withAsked(ctx, recipes, c.Query("recipe"))
	if err != nil {
		return err
	}
	ids := []int64{}
	for _, p := range list {
		for _, d := range p.Dishes {
			ids = append(ids, d.RecipeID)
		}
	}
	title, err := s.Store.Titles(ctx, ids)
	if err != nil {
		return err
	}
	for _, r := range recipes {
		if p, clear := s.choiceOf(c, r, k); clear {
			v.Recipes = append(v.Recipes, p)
		} else {
			v.Others = append(v.Others, p)
		}
	}
	for _, p := range list {
		line := planLine{ID: p.ID, Day: p.OnDay}
		var names []string
		for _, d := range p.Dishes {
			names = append(names, fmt.Sprintf("%s, %d jars", title[d.RecipeID], d.Jars))
		}
		line.Dishes = strings.Join(names, " · ")
		v.Plans = append(v.Plans, line)
	}
	s.Render(c, status, "plans", kit.Page{Title: "Plan", Nav: "/plan",
		Keys: kit.Keys("Tab", "next field", "Space", "choose", "Ctrl ↵", "plan it"), Body: v})
	return nil
}

// choiceOf is a recipe that may be planned, or that may not, with the reason.
func (s *Pages) choiceOf(c *gin.Context, r store.Recipe, k store.Kitchen) (p planChoice, clear bool) {
	res, id := s.Reviews.Of(r, k), strconv.FormatInt(r.ID, 10)
	p = planChoice{ID: r.ID, Title: r.Title, Verdict: kit.ViewVerdict(res.Verdict), Jars: 7,
		Chosen: c.Query("recipe") == id || c.Request.PostForm.Get("recipe"+id) != ""}
	if n, err := strconv.Atoi(c.Request.PostForm.Get("jars" + id)); err == nil {
		p.Jars = n
	}
	if res.Verdict != review.Clear {
		p.Words = app.Missing(res)
		return p, false
	}
	if len(res.Methods) > 0 {
		jar := quantity.Jar(res.Methods[0].Jar)
		p.Words = jar.Plural() + ", " + strings.ToLower(kit.MethodName(res.Methods[0].Method))
		if n := s.Days.UsualJars(r, k, res, jar); n > 0 && c.Request.Method == http.MethodGet {
			p.Jars = n
		}
	}
	return p, true
}

// withAsked puts a recipe that was asked for by its number in front of the others, where it
// is none of them.
func (s *Pages) withAsked(ctx context.Context, list []store.Recipe, number string) ([]store.Recipe, error) {
	id, err := strconv.ParseInt(number, 10, 64)
	if err != nil || slices.ContainsFunc(list, func(r store.Recipe) bool { return r.ID == id }) {
		return list, nil
	}
	r, err := s.Store.Recipe(ctx, id)
	if errors.Is(err, store.ErrNotFound) {
		return list, nil
	}
	return append([]store.Recipe{r}, list...), err
}

// asked returns the numbers of the recipes that a form ticks, in order.
func asked(form url.Values) []int64 {
	var out []int64
	for name, v := range form {
		number, ticks := strings.CutPrefix(name, "recipe")
		if id, err := strconv.ParseInt(number, 10, 64); ticks && err == nil && len(v) > 0 && v[0] != "" {
			out = append(out, id)
		}
	}
	slices.Sort(out)
	return out
}

// typedDay is what a form says of a day.
type typedDay struct {
	day, clock string
	done       bool
	hands      int
}

// of writes it into a plan.
func (d typedDay) of(p *store.Plan) {
	p.OnDay, p.Clock, p.Done, p.Hands = d.day, d.clock, d.done, d.hands
}

// whenTyped reads day, clock, mode and pairs of hands of a form; no hands are one pair.
func whenTyped(c *gin.Context) (d typedDay, problem string) {
	get := func(n string) string { return kit.Cut(c.Request.PostForm.Get(n), 20) }
	d = typedDay{get("day"), get("clock"), get("mode") != "start", 1}
	if _, err := time.Parse(kit.DayLayout, d.day); err != nil {
		return d, "The day is written like 2026-11-28."
	}
	t, err := time.Parse(kit.ClockLayout, d.clock)
	if err != nil {
		return d, "The time is written like 17:30."
	}
	d.clock = t.Format(kit.ClockLayout)
	if hands := get("hands"); hands != "" {
		if d.hands, err = strconv.Atoi(hands); err != nil || d.hands < 1 || d.hands > plan.MostHands {
			return d, fmt.Sprintf("How many pairs of hands work? A whole number from 1 to %d.", plan.MostHands)
		}
	}
	return d, ""
}

func jarsTyped(text string) (int, error) {
	n, err := strconv.Atoi(strings.TrimSpace(text))
	if err != nil || n < 1 || n > maxPlanJars {
		return 0, fmt.Errorf("how many jars? A whole number from 1 to %d", maxPlanJars)
	}
	return n, nil
}

func (s *Pages) addPlan(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	p := store.Plan{}
	typed, problem := whenTyped(c)
	if problem != "" {
		return s.renderPlans(c, http.StatusUnprocessableEntity, problem)
	}
	typed.of(&p)
	chosen := asked(c.Request.PostForm)
	titles, err := s.Store.Titles(ctx, chosen)
	if err != nil {
		return err
	}
	for _, id := range chosen {
		title, there := titles[id]
		if !there {
			continue // taken off the desk meanwhile
		}
		n, err := jarsTyped(c.Request.PostForm.Get(fmt.Sprintf("jars%d", id)))
		if err != nil {
			return s.renderPlans(c, http.StatusUnprocessableEntity, title+": "+err.Error()+".")
		}
		p.Dishes = append(p.Dishes, store.PlanDish{RecipeID: id, Jars: n})
	}
	if len(p.Dishes) == 0 {
		return s.renderPlans(c, http.StatusUnprocessableEntity, "Choose at least one recipe.")
	}
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		err := tx.AddPlan(ctx, &p)
		return fmt.Sprintf("/plan/%d", p.ID), err
	})
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// storedPlan returns the plan of the path, or noPlan.
func (s *Pages) storedPlan(c *gin.Context) (store.Plan, error) {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		return store.Plan{}, noPlan
	}
	p, err := s.Store.Plan(c.Request.Context(), id)
	if errors.Is(err, store.ErrNotFound) {
		err = noPlan
	}
	return p, err
}

// workedPlan is storedPlan worked out.
func (s *Pages) workedPlan(c *gin.Context) (*planned, error) {
	p, err := s.storedPlan(c)
	if err != nil {
		return nil, err
	}
	return s.workOut(c.Request.Context(), p)
}

func (s *Pages) showPlan(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	s.renderPlan(c, http.StatusOK, w, "")
	return nil
}

func (s *Pages) renderPlan(c *gin.Context, status int, w *planned, problem string) {
	v := s.viewPlan(w)
	if problem != "" {
		v.Problem = problem
	}
	s.Render(c, status, "plan", kit.Page{Title: "Plan for " + w.plan.OnDay, Nav: "/plan",
		Keys: kit.Keys("Tab", "next piece", "← →", "move it 5 min"), Body: v})
}

func (s *Pages) savePlan(c *gin.Context) error {
	p, err := s.storedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	was, shown, status := p.Mark(), kit.SeenOf(c), http.StatusUnprocessableEntity
	again := func(problem string) error {
		w, err := s.workOut(c.Request.Context(), p)
		if err != nil {
			return err
		}
		w.seen = shown
		s.renderPlan(c, status, w, problem)

		return nil
	}
	typed, problem := whenTyped(c)
	if problem != "" {
		return again(problem)
	}
	typed.of(&p)
	kept, err := dishesTyped(c, p.Dishes)
	if err != nil {
		return again(words.Capital(err.Error()) + ".")
	}
	if len(kept) == 0 {
		return again("A plan keeps at least one recipe; delete the plan instead.")
	}
	p.Dishes = kept
	seen := kit.SeenOf(c)
	if seen == "" {
		seen = was
	}
	err = s.Store.SavePlan(c.Request.Context(), &p, seen)
	switch {
	case errors.Is(err, store.ErrStale):
		status = http.StatusConflict
		now, err := s.storedPlan(c)
		if err != nil {
			return s.Missing(c, err, nil)
		}
		shown = now.Mark()
		problem := meanwhile(&now, p)
		p = now
		return again(problem)
	case errors.Is(err, store.ErrNotFound):
		s.FailWith(c, http.StatusConflict, "This plan was taken away while you changed it.",
			"Put it back on the page of what was taken away, then send this again.", kit.TypedIn(c.Request.PostForm))
	case err != nil:
		return err
	default:
		c.Redirect(http.StatusSeeOther, fmt.Sprintf("/plan/%d", p.ID))
	}
	return nil
}

// dishesTyped are the dishes of a plan as its form has them: without those that are left out, with those
// that go into another size of jar too.
func dishesTyped(c *gin.Context, dishes []store.PlanDish) ([]store.PlanDish, error) {
	var kept, more []store.PlanDish
	for _, d := range dishes {
		id := strconv.FormatInt(d.ID, 10)
		get := func(n string) string { return kit.Cut(c.Request.PostForm.Get(n+id), 80) }
		if get("drop") != "" {
			continue
		}
		n, err := jarsTyped(get("jars"))
		if err != nil {
			return nil, err
		}
		d.Jars, d.Process, d.Syrup = n, get("process"), get("syrup")
		d.Wide, d.DayBefore = get("wide") != "", get("before") != ""
		kept = append(kept, d)
		if other := get("also"); other != "" {
			also := d
			also.ID, also.Jars, also.Process, also.Joins = 0, fewJars, other, d.ID
			more = append(more, also)
		}
	}
	return append(kept, more...), nil
}

// meanwhile tells what somebody else made of a plan, and puts what was typed into those of
// its dishes that are still there.
func meanwhile(now *store.Plan, mine store.Plan) string {
	typed := map[int64]store.PlanDish{}
	for _, d := range mine.Dishes {
		typed[d.ID] = d
	}
	stands := fmt.Sprintf("it is for %s at %s with %d dishes", now.OnDay, now.Clock, len(now.Dishes))
	for i, d := range now.Dishes {
		want, kept := typed[d.ID]
		if !kept {
			continue
		}
		if want.Jars != d.Jars {
			stands += fmt.Sprintf("; dish %d has %d jars", i+1, d.Jars)
		}
		now.Dishes[i] = want
	}
	now.OnDay, now.Clock, now.Done, now.Hands = mine.OnDay, mine.Clock, mine.Done, mine.Hands
	return "Somebody else has changed this plan since you opened it: " + stands +
		". Yours stands in the fields; save again to put it in the place of theirs."
}

// movePiece shifts a piece of work and answers with the day as it then is.
func (s *Pages) movePiece(c *gin.Context) error {
	p, err := s.storedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	by, err := strconv.Atoi(c.Request.PostForm.Get("minutes"))
	pieces := strings.Split(kit.Cut(c.Request.PostForm.Get("piece"), maxPieces), ",")
	slices.Sort(pieces)
	pieces = slices.Compact(pieces)
	if err != nil || by < -1440 || by > 1440 || pieces[0] == "" {
		s.Fail(c, http.StatusUnprocessableEntity, "This piece cannot be moved so.", "Move it by minutes, at most a day.")
		return nil
	}
	ctx := c.Request.Context()
	w, err := s.workOut(ctx, p)
	if err != nil {
		return err
	}
	for _, piece := range pieces {
		if w.day == nil || !w.day.Move(piece, by) {
			s.Fail(c, http.StatusNotFound, "There is no such piece of work in the plan.", "Reload the page.")
			return nil
		}
	}
	// Where it cannot go the day is drawn as it stood.
	stays := slices.ContainsFunc(pieces, w.outOfSight)
	if !stays {
		if err := s.Store.MovePieces(ctx, p.ID, pieces, by); err != nil {
			return err
		}
	}
	if p, err = s.Store.Plan(ctx, p.ID); err != nil {
		return err
	}
	if w, err = s.workOut(ctx, p); err != nil {
		return err
	}
	v := s.viewPlan(w)
	if stays {
		v.Clashes = append(v.Clashes, "There it would leave the day, so it stays where it was: six hours before the "+
			"day's work is the most, or the third day. For more, choose another day.")
	}
	s.Fragment(c, "planday", v)
	return nil
}

// outOfSight reports whether a piece lies off the day's chart, where nobody could
// take hold of it again. Cooling and seals may reach beyond it.
func (w *planned) outOfSight(piece string) bool {
	return slices.ContainsFunc(w.day.Tasks, func(t plan.Task) bool {
		return t.Group == piece && (t.Start <= -draw.EveningBefore || t.Canner >= 0 && t.End() > maxPlanDays*24*60)
	})
}

func (s *Pages) deletePlan(c *gin.Context) error {
	return s.Remove(c, store.KindPlan, s.Gone)
}
