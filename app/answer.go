package app

import (
	"context"
	"strings"

	"damson/core/review"
	"damson/core/words"
	"damson/store"
)

// Said is what a cook says of words that Damson could not read.
type Said struct {
	Recipe int64
	Words  string
	// Answer is the id of an answer, AnswerFood with the Food's name, or AnswerBack to take back what was said.
	Answer, Food string
	// House lets it hold for every recipe of this kitchen.
	House bool
}

// Answers that are none of the review's own.
const (
	AnswerFood = "food"
	AnswerBack = "back"
)

// mostWords of a sentence that a question is about.
const mostWords = 2000

// Answer keeps what a cook says; seen is the print of what stood there. What cannot be is *Refused, and
// store.ErrStale where somebody has said otherwise meanwhile.
func (s *Reviews) Answer(ctx context.Context, said Said, seen string) error {
	if said.Words == "" || len(said.Words) > mostWords {
		return &Refused{Field: "words", What: "There are no words that the answer is about."}
	}
	id := said.Answer
	switch name := strings.TrimSpace(said.Food); {
	case id == AnswerBack:
		if err := s.store.TakeBack(ctx, said.Recipe, said.Words); err != nil {
			return err
		}
		s.Forget()
		return nil
	case id == AnswerFood:
		food := s.shelves.Now().Lib.Foods.ByName(words.FoldPhrase(name))
		if food == nil {
			return &Refused{Field: "food", What: "Damson does not know the food “" + name + "”."}
		}
		id = food.ID
	case !review.IsAnswer(id):
		return &Refused{Field: "answer", What: "That is no answer that Damson knows."}
	}
	a := store.Answer{Words: said.Words, Answer: id}
	if !said.House || !review.OfTheHouse(id) {
		a.RecipeID = &said.Recipe
	}
	if err := s.store.AddAnswer(ctx, a, seen); err != nil {
		return err
	}
	s.Forget()
	return nil
}
