package draw

import "sync"

// picturesKept is how many pictures and run sheets are kept.
const picturesKept = 32

// Cache keeps the pictures and run sheets that were drawn last, by what they show. One is drawn at
// a time, so that a crowd that asks for pictures takes no more than one core.
type Cache struct {
	mu   sync.Mutex
	seen map[string][]byte
	// order has the oldest first.
	order []string
}

// Of returns the picture of what key names, drawn by draw where it is not kept.
func (p *Cache) Of(key string, draw func() ([]byte, error)) ([]byte, error) {
	p.mu.Lock()
	defer p.mu.Unlock()
	if have := p.seen[key]; have != nil {
		return have, nil
	}
	data, err := draw()
	if err != nil {
		return nil, err
	}
	if p.seen == nil {
		p.seen = map[string][]byte{}
	}
	if len(p.order) == picturesKept {
		delete(p.seen, p.order[0])
		p.order = p.order[1:]
	}
	p.seen[key] = data
	p.order = append(p.order, key)
	return data, nil
}
