package recipe

import (
	"errors"
	"net/http"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/store"
	"damson/web/kit"
)

// answer keeps what the cook says of words that Damson could not read, or takes it back.
func (s *Pages) answer(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	f := c.Request.PostForm
	said := app.Said{Recipe: r.ID, Words: f.Get("words"), Answer: f.Get("answer"), Food: f.Get("food"),
		House: f.Get("house") != ""}
	err = s.Reviews.Answer(c.Request.Context(), said, kit.SeenOf(c))
	switch refused := app.IsRefused(err); {
	case refused != nil:
		s.Fail(c, http.StatusUnprocessableEntity, refused.What, wayOfAnswer[refused.Field])
		return nil
	case errors.Is(err, store.ErrStale):
		s.Fail(c, http.StatusConflict, "Somebody has answered this otherwise since you opened the review: “"+said.Words+"”.",
			"Open the review again to see their answer, and press “Ask again” there if it is wrong. Yours was not kept.")
		return nil
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, "/recipes/"+c.Param("id"))
	return nil
}

// wayOfAnswer is the way out where an answer is refused, by its field.
var wayOfAnswer = map[string]string{
	"words": "Go back to the review and press the answer beside the sentence.",
	"food": "Go back and write its everyday name, or add it among the foods of the kitchen; " +
		"nothing was changed.",
	"answer": "Go back to the review and press one of the answers beside the sentence.",
}
