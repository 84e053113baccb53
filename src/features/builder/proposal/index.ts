export { ProposalPanel } from './proposal-panel';
export { useProposals, type Proposal, type Proposals } from './use-proposals';
