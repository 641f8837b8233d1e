package web

import (
	"net/http"
	"sort"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/review"
)

// deskLimit is how many recipes the desk shows, newest first.
const deskLimit = 200

type deskView struct {
	Rows  []deskRow
	Count string
	// Worst is true where the worst verdict stands first, not the newest recipe.
	Worst bool
}

type deskRow struct {
	ID      int64
	Title   string
	From    string
	Day     string
	Verdict verdictView
	Why     string
	Next    string
}

// verdictView is a verdict in words, with the name of its mark.
type verdictView struct{ Code, Words string }

var verdictWords = map[string]string{review.Clear: "Clear", review.Change: "Change first", review.Untested: "Untested", review.Stop: "Stop"}

// verdictOrder has the worst verdict first.
var verdictOrder = map[string]int{review.Stop: 0, review.Untested: 1, review.Change: 2, review.Clear: 3}

func viewVerdict(code string) verdictView { return verdictView{code, verdictWords[code]} }

func (s *Server) desk(c *gin.Context) {
	ctx := c.Request.Context()
	list, err := s.store.Recipes(ctx, deskLimit)
	if err != nil {
		panic(err)
	}
	k, err := s.kitchen(ctx)
	if err != nil {
		panic(err)
	}
	v := deskView{Worst: c.Query("order") == "verdict"}
	counts := map[string]int{}
	for _, r := range list {
		res := s.reviewOf(r, k)
		counts[res.Verdict]++
		v.Rows = append(v.Rows, deskRow{ID: r.ID, Title: res.Title, From: r.SentBy, Day: day(r.CreatedAt), Verdict: verdictView{res.Verdict, res.Headline()}, Why: deskWhy(res), Next: deskNext(res)})
	}
	if v.Worst {
		sort.SliceStable(v.Rows, func(i, j int) bool {
			return verdictOrder[v.Rows[i].Verdict.Code] < verdictOrder[v.Rows[j].Verdict.Code]
		})
	}
	v.Count = countWords(counts, len(list))
	s.render(c, http.StatusOK, "desk", page{Title: "Desk", Nav: "/", Kitchen: viewKitchen(k), Body: v, Keys: []key{{"J", "next recipe"}, {"K", "the one before"}, {"↵", "open it"}, {"N", "new recipe"}}})
}

func countWords(counts map[string]int, n int) string {
	if n == 0 {
		return ""
	}
	var parts []string
	for _, x := range []struct{ code, words string }{{review.Stop, "stop"}, {review.Untested, "untested"}, {review.Change, "to change"}, {review.Clear, "clear"}} {
		if counts[x.code] > 0 {
			parts = append(parts, thousands(counts[x.code])+" "+x.words)
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
			if f.Severity == review.Stop {
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
			return "Can it: " + strings.ToLower(methodName(m.Method)) + ", " + thousands(m.Minutes) + " min in " + jarPlural(m.Jar)
		}
		return "Can it"
	case review.Change:
		var do []string
		more := 0
		for _, f := range r.Findings {
			if f.Severity != review.Change {
				continue
			}
			if len(do) < 2 {
				if d := lowerFirst(f.Do); !contains(do, d) {
					do = append(do, d)
				}
				continue
			}
			more++
		}
		s := "Answer: " + strings.Join(do, "; ")
		if more > 0 {
			s += "; and " + thousands(more) + " more"
		}
		return s
	case review.Stop:
		return "Answer today: another plan is needed"
	}
	return "Offer the refrigerator, the freezer, or a tested recipe"
}

func lowerFirst(s string) string {
	if s == "" {
		return s
	}
	return strings.ToLower(s[:1]) + s[1:]
}

func contains(list []string, s string) bool {
	for _, x := range list {
		if x == s {
			return true
		}
	}
	return false
}
