package web

import (
	"time"

	"damson/core/recipe"
)

// The limits of a connection.
const (
	// headerTime and bodyTime end what is sent drop by drop: a form of 3 MiB over a slow line
	// takes less.
	headerTime = 5 * time.Second
	bodyTime   = 20 * time.Second
	// answerTime is more than any page takes; a large log goes out within it.
	answerTime = 30 * time.Second
	// idleTime keeps a browser's connection while somebody reads.
	idleTime = 2 * time.Minute
	// graceTime is how long requests in flight may finish when the program is ended; a
	// connection that never asked anything must not hold it up.
	graceTime = 2 * time.Second
	// maxHeader is far more than a browser sends.
	maxHeader = 64 << 10
)

// The limits of what is sent in.
const (
	// maxForm: a recipe of recipe.MaxBytes may triple when it is percent-encoded, and fields
	// come with it.
	maxForm = 3*recipe.MaxBytes + 64<<10
	// maxUpload of a ledger or a file of procedures: more than twice the whole library's procedures.
	maxUpload = 512 << 10
	// maxText of a name, an edition, a page: a long line of print.
	maxText = 120
	// maxWords of a sentence that a question is about.
	maxWords = 2000
)

// The limits of what is shown and kept.
const (
	// deskPage is how many recipes a page of the desk shows: each that is shown is reviewed.
	deskPage = 100
	// deskTime is how long a desk reads recipes that it has not read yet; those that are left
	// stand there without a verdict.
	deskTime = 2 * time.Second
	// usedAmong is how many recipes are looked through for the procedures that they rest on.
	usedAmong = 200
	// cacheSize is how many reviews are kept, with their pages: with so many a crowd over
	// the demo kitchen stayed at 89 MB (make reliability).
	cacheSize = 600
	// picturesKept is how many pictures and run sheets are kept.
	picturesKept = 32
)
