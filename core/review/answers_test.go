package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A question is answered in its place, the answer is noted, and a food that is
// answered is judged like any other.
func TestAnswers(t *testing.T) {
	const text = "Green beans\n\n9 lb green beans\nwater\n\nWash the beans. The flarn goes on the zubb. Pack raw into hot pints, cover with boiling water.\nProcess pints 20 minutes at 13 pounds.\n"
	ask := func(given ...review.Given) review.Result {
		req := request(t, text)
		req.Elevation, req.ElevationGiven, req.Gauge = 5240, true, "dial"
		req.Answers = &review.Answers{Given: given}
		return reviewer.Review(req)
	}
	open := ask()
	require.Equal(t, review.Change, open.Verdict)
	assert.Equal(t, 1, open.Questions)
	assert.Equal(t, "One question first", open.Headline())
	var asked []review.Finding
	for _, f := range open.Findings {
		if f.Question {
			asked = append(asked, f)
		}
	}
	require.Len(t, asked, 1, "one question a sentence")
	assert.NotEmpty(t, asked[0].Answers)

	talk := ask(review.Given{Line: 6, ID: "talk"})
	assert.Equal(t, review.Clear, talk.Verdict)
	assert.Zero(t, talk.Questions)
	noted := false
	for _, f := range talk.Findings {
		noted = noted || f.Severity == review.Note && f.Ingredient == asked[0].Ingredient
	}
	assert.True(t, noted, "what was cleared by an answer says so")

	butter := ask(review.Given{Line: 6, ID: "butter"})
	assert.Equal(t, review.Change, butter.Verdict)
	assert.NotEqual(t, "One question first", butter.Headline())
	assert.Equal(t, review.Change, ask(review.Given{Line: 5, ID: "talk"}).Verdict, "an answer about another line")
}
