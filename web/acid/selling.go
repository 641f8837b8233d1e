package acid

import (
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/quantity"
	"damson/core/sale"
	"damson/core/words"
	"damson/web/kit"
)

// sellingView is the page for someone who wants to sell.
type sellingView struct {
	PH                                string
	Acid, Part, Dry, Cold, Kind, Meat []kit.Choice
	Problem                           string
	Asked                             bool
	A                                 sale.Answer
}

func (s *Pages) showSelling(c *gin.Context) {
	get := func(name string) string { return kit.Cut(c.Query(name), 20) }
	pick := func(now string, pairs ...string) []kit.Choice {
		var out []kit.Choice
		for i := 0; i < len(pairs); i += 2 {
			out = append(out, kit.Choice{Value: pairs[i], Label: pairs[i+1], Chosen: pairs[i] == now})
		}
		return out
	}
	yes := func(name string) []kit.Choice { return pick(get(name), "", "not said", sale.Yes, "yes", sale.No, "no") }
	v := sellingView{PH: get("ph"), Acid: yes("acid"), Dry: yes("dry"), Cold: yes("cold"), Meat: yes("meat"),
		Part: pick(get("part"), "", "not said", "none", "none", "small", "a small amount, that hardly moves the pH",
			"much", "more than that"),
		Kind: pick(get("kind"), "other", "none of these", "jam", "jam, jelly, preserve", "dressing",
			"dressing or condiment sauce", "fermented", "fermented", "drink", "carbonated drink", "alcohol", "alcoholic "+
				"drink")}
	f := sale.Facts{AcidAdded: get("acid"), LowAcidPart: get("part"), Dry: get("dry"), Cold: get("cold"),
		Kind: get("kind"), Meat: get("meat")}
	v.Asked = c.Request.URL.RawQuery != ""
	if text := strings.TrimSpace(strings.TrimPrefix(strings.ToLower(v.PH), "ph")); text != "" {
		ph, err := quantity.ParseFigure(text)
		if err != nil {
			v.Problem = "“" + v.PH + "” is no pH: type the highest that was measured, like 3.9, or leave it empty."
		}
		f.PH = ph
	}
	if v.Problem == "" {
		a, err := sale.Classify(f)
		if err != nil {
			v.Problem = words.Capital(err.Error()) + "."
		}
		v.A = a
	}
	status := http.StatusOK
	if v.Problem != "" {
		status = http.StatusUnprocessableEntity
	}
	s.Render(c, status, "selling", kit.Page{Title: "Selling", Nav: "/acidity",
		Keys: kit.Keys("Tab", "next", "↵", "answer"), Body: v})
}
