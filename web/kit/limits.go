package kit

// The limits of what is sent in.
const (
	// MaxUpload of a ledger or a file of procedures: more than twice the whole library's procedures.
	MaxUpload = 512 << 10
	// MaxText of a name, an edition, a page: a long line of print.
	MaxText = 120
)
