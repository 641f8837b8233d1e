package store

import (
	"context"
	"testing"

	"github.com/stretchr/testify/require"
)

func TestAnswers(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	one, two := Recipe{Title: "Plums", Text: "5 lb plums"}, Recipe{Title: "Pears", Text: "5 lb pears"}
	require.NoError(t, s.AddRecipe(ctx, &one))
	require.NoError(t, s.AddRecipe(ctx, &two))

	require.NoError(t, s.AddAnswer(ctx, Answer{RecipeID: &one.ID, Words: "crinkum", Answer: "talk"}, ""))
	require.NoError(t, s.AddAnswer(ctx, Answer{RecipeID: &one.ID, Words: "crinkum", Answer: "tool"}, "")) // thought better of
	require.NoError(t, s.AddAnswer(ctx, Answer{Words: "brannet", Answer: "tool"}, ""))

	list, err := s.Answers(ctx, one.ID)
	require.NoError(t, err)
	require.Len(t, list, 2)
	require.Equal(t, "tool", list[0].Answer)
	require.Equal(t, "brannet", list[1].Words, "a word of the house stands behind the recipe's own")

	list, err = s.Answers(ctx, two.ID)
	require.NoError(t, err)
	require.Len(t, list, 1, "what was said of one recipe holds for that one alone")

	require.NoError(t, s.TakeBack(ctx, two.ID, "brannet"))
	require.NoError(t, s.TakeBack(ctx, one.ID, "crinkum"))
	list, err = s.Answers(ctx, one.ID)
	require.NoError(t, err)
	require.Empty(t, list)
}
