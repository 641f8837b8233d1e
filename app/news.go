package app

import "sync"

// mostEars is how many pages may listen at once.
const mostEars = 64

// news tells pages that are open that something happened at the stove.
type news struct {
	sync.Mutex
	ears map[chan struct{}]bool
	over bool
}

// listen returns what a page hears by, and how it stops; false where too many listen, or all is over.
func (n *news) listen() (ear <-chan struct{}, stop func(), ok bool) {
	n.Lock()
	defer n.Unlock()
	if n.over || len(n.ears) >= mostEars {
		return nil, func() {}, false
	}
	if n.ears == nil {
		n.ears = map[chan struct{}]bool{}
	}
	mine := make(chan struct{}, 1) // one is enough: who hears it looks at everything
	n.ears[mine] = true
	return mine, func() {
		n.Lock()
		defer n.Unlock()
		delete(n.ears, mine)
	}, true
}

func (n *news) tell() {
	n.Lock()
	defer n.Unlock()
	for ear := range n.ears {
		select {
		case ear <- struct{}{}:
		default: // it has not looked yet
		}
	}
}

// end lets go of everybody who listens.
func (n *news) end() {
	n.Lock()
	defer n.Unlock()
	n.over = true
	for ear := range n.ears {
		close(ear)
	}
	n.ears = nil
}

// Listen returns what hears of all that is told at the stove, until it is stopped or the program ends,
// which closes it; false where too many listen.
func (s *Stove) Listen() (ear <-chan struct{}, stop func(), ok bool) { return s.news.listen() }

// Told lets everybody who listens know that something was stored.
func (s *Stove) Told() { s.news.tell() }

// End lets go of everybody who listens.
func (s *Stove) End() { s.news.end() }
