package web

import (
	"context"
	"errors"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// answersOf returns what was answered for the recipe and for the house.
func (s *Server) answersOf(ctx context.Context, recipeID int64) (*review.Answers, error) {
	list, err := s.store.Answers(ctx, recipeID)
	out := &review.Answers{}
	for _, a := range list {
		out.Given = append(out.Given, review.Given{Words: a.Words, ID: a.Answer})
	}
	return out, err
}

// answer keeps what the cook says of words that Damson could not read, or takes it back.
func (s *Server) answer(c *gin.Context) error {
	r, err := s.recipeOf(c)
	if err != nil {
		return s.missing(c, err)
	}
	if !s.Form(c) {
		return nil
	}
	f, ctx := c.Request.PostForm, c.Request.Context()
	asked, id := f.Get("words"), f.Get("answer")
	if asked == "" || len(asked) > maxWords {
		s.Fail(c, http.StatusUnprocessableEntity, "There are no words that the answer is about.", "Go back to the review and press the answer beside the sentence.")
		return nil
	}
	if name := strings.TrimSpace(f.Get("food")); id == "food" {
		food := s.shelf().lib.Foods.ByName(words.FoldPhrase(name))
		if food == nil {
			s.Fail(c, http.StatusUnprocessableEntity, "Damson does not know the food “"+name+"”.", "Go back and write its everyday name, or add it among the foods of the kitchen; nothing was changed.")
			return nil
		}
		id = food.ID
	} else if id != "back" && !review.IsAnswer(id) {
		s.Fail(c, http.StatusUnprocessableEntity, "That is no answer that Damson knows.", "Go back to the review and press one of the answers beside the sentence.")
		return nil
	}
	switch {
	case id == "back":
		err = s.store.TakeBack(ctx, r.ID, asked)
	case f.Get("house") != "" && review.OfTheHouse(id):
		err = s.store.AddAnswer(ctx, store.Answer{Words: asked, Answer: id}, kit.SeenOf(c))
	default:
		err = s.store.AddAnswer(ctx, store.Answer{RecipeID: &r.ID, Words: asked, Answer: id}, kit.SeenOf(c))
	}
	switch {
	case errors.Is(err, store.ErrStale):
		s.Fail(c, http.StatusConflict, "Somebody has answered this otherwise since you opened the review: “"+asked+"”.", "Open the review again to see their answer, and press “Ask again” there if it is wrong. Yours was not kept.")
		return nil
	case err != nil:
		return err
	}
	s.reviews.forget()
	c.Redirect(http.StatusSeeOther, "/recipes/"+c.Param("id"))
	return nil
}
