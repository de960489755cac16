/* A test that expects nothing proves nothing: one that goes through a list fails when the list is empty. */
beforeEach(() => expect.hasAssertions())
