package desk

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"runtime"
	"slices"
	"sort"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"
	"golang.org/x/sync/errgroup"

	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

const (
	// deskPage is how many recipes a page of the desk shows: each that is shown is reviewed.
	deskPage = 100
	// deskTime is how long a desk reads recipes that it has not read yet; those that are left
	// stand there without a verdict.
	deskTime = 2 * time.Second
)

type deskView struct {
	Rows  []deskRow
	Count string
	// Worst is true where the worst verdict stands first, not the newest recipe.
	Worst bool
	// Words are what is looked for; Found says how many there are, where not all are shown.
	Words, Found string
	// Newer and Older lead to the pages before and after, or are empty.
	Newer, Older string
}

type deskRow struct {
	ID      int64
	Title   string
	From    string
	Day     string
	Verdict kit.Verdict
	Why     string
	Next    string
}

// verdictOrder has the worst verdict first.
var verdictOrder = map[review.Verdict]int{review.Stop: 0, review.Untested: 1, review.Change: 2, review.Clear: 3}

func (s *Pages) desk(c *gin.Context) error {
	ctx := c.Request.Context()
	words := kit.Cut(c.Query("q"), 80)
	at, _ := strconv.Atoi(c.Query("from"))
	list, at, all, err := s.leaf(ctx, words, max(at, 0))
	if err != nil {
		return err
	}
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	v := deskView{Worst: c.Query("order") == "verdict", Words: words}
	v.leafThrough(at, len(list), all)
	counts := map[review.Verdict]int{}
	until := s.Now().Add(deskTime)
	s.readAhead(ctx, list, k, until)
	for _, r := range list {
		res := s.Reviews.Kept(r, k)
		if res == nil && (ctx.Err() != nil || s.Now().After(until)) {
			v.Rows = append(v.Rows, deskRow{ID: r.ID, Title: r.Title, From: r.SentBy, Day: kit.Day(r.CreatedAt),
				Verdict: kit.Verdict{Code: "", Words: "Not read yet"}, Next: "Open it to have it read"})
			continue
		}
		res = s.Reviews.Of(r, k)
		counts[res.Verdict]++
		v.Rows = append(v.Rows, deskRow{ID: r.ID, Title: res.Title, From: r.SentBy, Day: kit.Day(r.CreatedAt),
			Verdict: kit.Verdict{Code: res.Verdict, Words: res.Headline()}, Why: deskWhy(res), Next: deskNext(res)})
	}
	if v.Worst {
		sort.SliceStable(v.Rows, func(i, j int) bool {
			return verdictOrder[v.Rows[i].Verdict.Code] < verdictOrder[v.Rows[j].Verdict.Code]
		})
	}
	v.Count = countWords(counts, len(list))
	s.Render(c, http.StatusOK, "desk", kit.Page{Title: "Desk", Nav: "/", Kitchen: kit.ViewKitchen(k), Body: v,
		Keys: kit.Keys("↵", "open it")})
	return nil
}

// readAhead reviews the recipes of a page side by side, as far as the time reaches.
func (s *Pages) readAhead(ctx context.Context, list []store.Recipe, k store.Kitchen, until time.Time) {
	sideBySide(list, func(r store.Recipe) {
		if ctx.Err() == nil && !s.Now().After(until) {
			s.Reviews.Of(r, k)
		}
	})
}

// sideBySide does it for each recipe. One that panics is left to whoever asks for it next: a goroutine that nobody
// guards would take the whole house down.
func sideBySide(list []store.Recipe, do func(store.Recipe)) {
	var side errgroup.Group
	side.SetLimit(runtime.GOMAXPROCS(0))
	for _, r := range list {
		side.Go(func() error {
			defer func() { _ = recover() }()
			do(r)
			return nil
		})
	}
	_ = side.Wait()
}

// leaf returns the recipes of a page of the desk, where it begins, and how many there are
// in all. A page behind the last is the last.
func (s *Pages) leaf(ctx context.Context, words string, at int) (list []store.Recipe, from, all int, err error) {
	if list, err = s.Store.Recipes(ctx, words, at, deskPage); err != nil || at == 0 && len(list) < deskPage {
		return list, at, len(list), err
	}
	if all, err = s.Store.CountRecipes(ctx, words); err != nil || at < max(all, 1) {
		return list, at, all, err
	}
	from = max((all-1)/deskPage*deskPage, 0)
	list, err = s.Store.Recipes(ctx, words, from, deskPage)
	return list, from, all, err
}

// leafThrough says which of the recipes the page shows, and where the others are.
func (v *deskView) leafThrough(at, shown, all int) {
	if v.Words != "" || all > shown {
		v.Found = fmt.Sprintf("%s to %s of %s", words.Thousands(at+1), words.Thousands(at+shown), words.Thousands(all))
		if shown == 0 {
			v.Found = "none"
		}
	}
	page := func(from int) string {
		q := url.Values{"from": {strconv.Itoa(from)}}
		if v.Words != "" {
			q.Set("q", v.Words)
		}
		if v.Worst {
			q.Set("order", "verdict")
		}
		return "/?" + q.Encode()
	}
	if at > 0 {
		v.Newer = page(max(at-deskPage, 0))
	}
	if at+shown < all {
		v.Older = page(at + deskPage)
	}
}

func countWords(counts map[review.Verdict]int, n int) string {
	if n == 0 {
		return ""
	}
	var parts []string
	for _, x := range []struct {
		code  review.Verdict
		words string
	}{{review.Stop, "stop"}, {review.Untested, "untested"}, {review.Change, "to change"}, {review.Clear, "clear"}} {
		if counts[x.code] > 0 {
			parts = append(parts, words.Thousands(counts[x.code])+" "+x.words)
		}
	}
	return strings.Join(parts, " · ")
}

// deskWhy says in one line what the verdict rests on.
func deskWhy(r *review.Result) string {
	if r.Procedure != nil {
		return r.Procedure.Title
	}
	if r.Verdict == review.Stop {
		for _, f := range r.Findings {
			if f.Severity == review.Halt {
				return f.Do
			}
		}
	}
	return "no tested procedure near enough"
}

// deskNext says what to do next.
func deskNext(r *review.Result) string {
	switch r.Verdict {
	case review.Clear:
		if len(r.Methods) > 0 {
			m := r.Methods[0]
			return "Can it: " + strings.ToLower(kit.MethodName(m.Method)) + ", " + words.Thousands(m.Minutes) +
				" min in " + kit.JarPlural(m.Jar)
		}
		return "Can it"
	case review.Change:
		var do []string
		more := 0
		for _, f := range r.Findings {
			if f.Severity != review.Amend {
				continue
			}
			if len(do) < 2 {
				if d := words.LowerFirst(f.Do); !slices.Contains(do, d) {
					do = append(do, d)
				}
				continue
			}
			more++
		}
		s := "Answer: " + strings.Join(do, "; ")
		if more > 0 {
			s += "; and " + words.Thousands(more) + " more"
		}
		return s
	case review.Stop:
		return "Answer today: another plan is needed"
	}
	return "Offer the refrigerator, the freezer, or a tested recipe"
}
