package main

import (
	"cmp"
	"math"
	"math/rand/v2"
	"slices"

	"damson/core/method"
)

// The settings of the regression; they were tried by what is kept apart.
const (
	rounds  = 25
	rate    = 0.4
	decay   = 2e-5
	seldom  = 2 // marks that stand in fewer sentences are forgotten
	biasing = 0.05
)

// learn weighs the marks by logistic regression: stochastic descent with a rate of its own
// for each mark (Duchi, Hazan, Singer, Adaptive Subgradient Methods, 2011). The same
// lessons give the same opinion.
func learn(lessons []lesson) *method.Opinion {
	marks, at := numbered(lessons)
	often := make([]int, len(marks))
	for _, l := range at {
		for _, m := range l {
			often[m]++
		}
	}
	weights, squares, bias := make([]float64, len(marks)), make([]float64, len(marks)), 0.0
	order := make([]int, len(lessons))
	for i := range order {
		order[i] = i
	}
	random := rand.New(rand.NewPCG(1, 2))
	for range rounds {
		random.Shuffle(len(order), func(i, j int) { order[i], order[j] = order[j], order[i] })
		for _, i := range order {
			l := at[i]
			sum, spread := 0.0, method.Spread(len(l))
			for _, m := range l {
				sum += weights[m]
			}
			wrong := 1 / (1 + math.Exp(-bias-sum/spread))
			if lessons[i].harm {
				wrong--
			}
			bias -= biasing * wrong
			for _, m := range l {
				if often[m] < seldom {
					continue
				}
				slope := wrong/spread + decay*weights[m]
				squares[m] += slope * slope
				weights[m] -= rate * slope / math.Sqrt(1+squares[m])
			}
		}
	}
	out := map[uint32]float32{}
	for m, w := range weights {
		if often[m] >= seldom {
			out[marks[m]] = float32(w)
		}
	}
	return method.NewOpinion(out, bias)
}

// numbered gives each mark a number from nought, and each lesson its marks by their numbers.
func numbered(lessons []lesson) (marks []uint32, at [][]int) {
	number := map[uint32]int{}
	for _, l := range lessons {
		of := make([]int, len(l.marks))
		for i, m := range l.marks {
			n, known := number[m]
			if !known {
				n = len(marks)
				number[m], marks = n, append(marks, m)
			}
			of[i] = n
		}
		at = append(at, of)
	}
	return marks, at
}

// judged is a sentence of a text with its score.
type judged struct {
	score float64
	text  string
}

// weigh returns the share of harm that scores above the given share of the sound, and the
// share of sound texts with a sentence that does.
func weigh(sound, harm []judged, share float64) (limit, caught, texts float64) {
	slices.SortFunc(sound, func(a, b judged) int { return cmp.Compare(b.score, a.score) })
	limit = sound[int(share*float64(len(sound)))].score
	n := 0
	for _, j := range harm {
		if j.score > limit {
			n++
		}
	}
	all, hit := map[string]bool{}, map[string]bool{}
	for _, j := range sound {
		all[j.text] = true
		if j.score > limit {
			hit[j.text] = true
		}
	}
	return limit, float64(n) / float64(len(harm)), float64(len(hit)) / float64(len(all))
}
