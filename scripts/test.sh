run_tests() { fail "being built"; }
take_screenshots() { fail "being built"; }
