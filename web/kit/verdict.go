package kit

import "damson/core/review"

// Verdict is a verdict in words, with the name of its mark.
type Verdict struct {
	Code  review.Verdict
	Words string
}

// ViewVerdict is a verdict with its own words.
func ViewVerdict(v review.Verdict) Verdict { return Verdict{v, v.Words()} }
