package recipe

import (
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/food"
	"damson/core/words"
)

// addFood gives the kitchen a food of its own, its pH left unknown. The page of
// a new recipe asks for it with the text at hand, and gets the reading back.
func (s *Pages) addFood(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	text := c.Request.PostForm.Get("text")
	refuse := func(problem string) {
		v := s.read(text)
		v.Note = problem
		s.Fragment(c, "reading", v)
	}
	name := strings.TrimSpace(c.Request.PostForm.Get("name"))
	f, err := food.Own(name, c.Request.PostForm.Get("kind"))
	if err != nil {
		refuse(words.Capital(err.Error()) + ".")
		return nil
	}
	sh := s.Shelves.Now()
	again := sh.Lib.Foods.ByID(f.ID) != nil // another kind for a food of its own
	if !again && !sh.Reader().MayName(name) {
		refuse("“" + name + "” is made of words that Damson knows already: write each food on a line of its own.")
		return nil
	}
	if err := s.Store.AddFood(c.Request.Context(), f); err != nil {
		return err
	}
	if err := s.Shelves.Restock(c.Request.Context()); err != nil {
		return err
	}
	v := s.read(text)
	v.Note = "“" + name + "” is now a food of this kitchen (" + f.Kind +
		"), its pH unknown: no tested procedure has it, so it cannot be cleared."
	s.Fragment(c, "reading", v)
	return nil
}
